<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What people say of released apps on the stores' pages, as the stores tell it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('store_voices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->index();
            $table->string('store', 20);
            $table->unsignedBigInteger('remote_id');
            $table->unsignedTinyInteger('stars');
            $table->text('words');
            $table->string('by', 60);
            $table->string('version', 100);
            $table->unsignedBigInteger('number');
            $table->text('answer');
            $table->timestamp('written_at');
            $table->timestamps();
            $table->unique(['app_id', 'store', 'remote_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('store_voices');
    }
};
