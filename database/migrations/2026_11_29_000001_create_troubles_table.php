<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('troubles', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('mark', 64);
            $table->text('said');
            $table->text('where');
            $table->string('on');
            $table->string('version');
            $table->unsignedInteger('times')->default(1);
            $table->timestamps();
            $table->unique(['app_id', 'mark']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('troubles');
    }
};
