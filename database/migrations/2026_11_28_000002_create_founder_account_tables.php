<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('founder_sessions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('founder_id')->constrained()->cascadeOnDelete();
            $table->string('device');
            $table->string('address');
            $table->timestamp('seen_at');
            $table->timestamps();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->string('digest')->unique();
            $table->string('email');
            $table->foreignId('founder_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('until');
            $table->timestamps();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('uploads', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('by');
            $table->unsignedBigInteger('bytes');
            $table->timestamps();
            $table->index(['app_id', 'by', 'created_at']);
            $table->index(['created_at']);
        });
    }
};
