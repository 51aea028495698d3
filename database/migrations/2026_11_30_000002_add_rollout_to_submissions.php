<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** To how many of a hundred people a version goes, and what a store has answered to an appeal. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('submissions', function (Blueprint $table): void {
            $table->integer('share')->default(0);
            $table->text('answer')->default('');
        });
    }
};
