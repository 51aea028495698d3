<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('routine_runs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('dataset');
            $table->string('routine');
            $table->string('because');
            $table->text('given');
            $table->text('chain');
            $table->string('state');
            $table->integer('tries');
            $table->text('steps');
            $table->text('said');
            $table->timestamp('done_at')->nullable();
            $table->timestamps();
            $table->index(['app_id', 'dataset', 'id']);
        });
        Schema::table('apps', function (Blueprint $table): void {
            $table->unsignedInteger('webhooks')->default(0);
        });
        Schema::create('webhooks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->string('dataset');
            $table->string('url');
            $table->text('secret');
            $table->text('tables');
            $table->string('state');
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('webhooks');
        Schema::dropColumns('apps', ['webhooks']);
        Schema::dropIfExists('routine_runs');
    }
};
