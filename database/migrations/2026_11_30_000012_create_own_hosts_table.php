<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The name on the web under which an app is found, once it was shown that it is the founder's. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_hosts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('host')->index();
            $table->string('token');
            $table->timestamp('proven_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('own_hosts');
    }
};
