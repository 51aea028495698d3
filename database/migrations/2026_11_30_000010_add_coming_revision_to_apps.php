<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What goes live in steps, and to how many of a hundred it has gone. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('apps', function (Blueprint $table): void {
            $table->unsignedBigInteger('coming_revision_id')->nullable();
            $table->unsignedTinyInteger('coming_share')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('apps', function (Blueprint $table): void {
            $table->dropColumn(['coming_revision_id', 'coming_share']);
        });
    }
};
