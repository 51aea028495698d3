<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What somebody had looked at and tapped before something went wrong. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('troubles', function (Blueprint $table): void {
            $table->text('steps')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('troubles', function (Blueprint $table): void {
            $table->dropColumn('steps');
        });
    }
};
