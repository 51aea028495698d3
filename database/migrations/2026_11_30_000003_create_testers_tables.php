<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who tries an app before it is in the stores, and what they tell of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('testers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('email');
            $table->string('group')->default('');
            // Of the key in the letter only this is kept.
            $table->string('mark', 64)->unique();
            $table->timestamp('opened_at')->nullable();
            $table->timestamp('until');
            $table->timestamps();
            $table->unique(['app_id', 'email']);
        });
        Schema::create('feedback', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->foreignId('tester_id')->nullable()->constrained()->nullOnDelete();
            $table->string('by');
            $table->text('words');
            $table->string('screen')->default('');
            $table->string('picture')->default('');
            $table->string('on')->default('');
            $table->unsignedInteger('revision');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('feedback');
        Schema::dropIfExists('testers');
    }
};
