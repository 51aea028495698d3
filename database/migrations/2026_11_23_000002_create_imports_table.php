<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('imports', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('dataset');
            $table->string('stored');
            $table->string('kind');
            $table->string('file');
            $table->string('name')->default('');
            $table->string('sheet')->default('');
            $table->json('plan')->default('{}');
            $table->string('state')->default('looked at');
            $table->unsignedBigInteger('done')->default(0);
            $table->unsignedBigInteger('total')->default(0);
            $table->json('report')->nullable();
            $table->string('trouble')->default('');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('imports');
    }
};
