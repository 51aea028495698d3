<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rows that people report to whoever runs an app. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('reports', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('set');
            $table->string('table');
            $table->unsignedBigInteger('row');
            // 0 for somebody who is not signed in: all of them count as one.
            $table->unsignedBigInteger('person')->default(0);
            $table->string('label');
            $table->text('why');
            $table->timestamps();
            $table->unique(['app_id', 'set', 'table', 'row', 'person']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('reports');
    }
};
