<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('push_keys', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('public');
            $table->text('private');
            $table->timestamps();
        });
    }
};
