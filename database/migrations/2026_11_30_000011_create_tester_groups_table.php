<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which revision a group of testers has, where it is not the newest; and to whom a submission goes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tester_groups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('name')->default('');
            $table->foreignId('revision_id')->constrained()->cascadeOnDelete();
            $table->timestamps();
            $table->unique(['app_id', 'name']);
        });
        Schema::table('submissions', function (Blueprint $table): void {
            $table->string('track')->default('everyone');
        });
    }

    public function down(): void
    {
        Schema::drop('tester_groups');
        Schema::table('submissions', function (Blueprint $table): void {
            $table->dropColumn('track');
        });
    }
};
