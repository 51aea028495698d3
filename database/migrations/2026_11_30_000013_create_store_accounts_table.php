<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A founder's own account at a store, and with which one something was handed in. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('store_accounts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('founder_id')->constrained()->cascadeOnDelete();
            $table->string('store');
            $table->text('token');
            $table->string('name');
            $table->boolean('used')->default(true);
            $table->timestamps();
            $table->index(['founder_id', 'store', 'used']);
        });
        Schema::table('submissions', function (Blueprint $table): void {
            $table->unsignedBigInteger('store_account_id')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('store_accounts');
        Schema::table('submissions', function (Blueprint $table): void {
            $table->dropColumn('store_account_id');
        });
    }
};
