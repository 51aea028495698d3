<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('identity_providers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('dataset');
            $table->string('name');
            $table->string('issuer');
            $table->string('client_id');
            $table->text('secret');
            $table->string('registered')->default('');
            $table->string('trouble')->default('');
            $table->timestamp('checked_at')->nullable();
            $table->timestamps();
            $table->unique(['app_id', 'dataset', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('identity_providers');
    }
};
