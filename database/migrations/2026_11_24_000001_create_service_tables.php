<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('service_secrets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('dataset');
            $table->string('service');
            $table->string('name')->default('');
            $table->text('secret');
            $table->timestamps();
        });
        Schema::create('service_calls', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('dataset');
            $table->string('service');
            $table->string('request');
            $table->integer('person')->nullable();
            $table->integer('status');
            $table->float('ms');
            $table->integer('bytes');
            $table->integer('cost')->nullable();
            $table->string('trouble')->default('');
            $table->text('exchange');
            $table->timestamp('created_at');
            $table->index(['app_id', 'dataset', 'service', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('service_calls');
        Schema::dropIfExists('service_secrets');
    }
};
