<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('founders', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('apps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('founder_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('slug')->unique();
            $table->string('share_code')->unique();
            $table->unsignedBigInteger('revision_id')->nullable();
            $table->unsignedBigInteger('live_revision_id')->nullable();
            $table->json('undo')->default('[]');
            $table->json('redo')->default('[]');
            $table->timestamps();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unsignedBigInteger('parent_id')->nullable();
            $table->foreignId('founder_id')->constrained();
            $table->string('what');
            $table->json('blueprint');
            $table->json('patch');
            $table->json('inverse');
            $table->json('sentences');
            $table->timestamp('created_at');
            $table->unique(['app_id', 'number']);
        });
        Schema::create('builds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->foreignId('revision_id')->constrained();
            $table->string('target');
            $table->string('version');
            $table->unsignedInteger('number');
            $table->string('state')->default('queued');
            $table->unsignedTinyInteger('progress')->default(0);
            $table->text('log')->default('');
            $table->string('file')->default('');
            $table->unsignedBigInteger('size')->default(0);
            $table->timestamps();
        });
        Schema::create('submissions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->constrained()->cascadeOnDelete();
            $table->foreignId('build_id')->constrained()->cascadeOnDelete();
            $table->string('store');
            $table->string('remote_id')->default('');
            $table->string('state');
            $table->json('reasons')->default('[]');
            $table->string('page')->default('');
            $table->timestamps();
        });
        Schema::create('signing_keys', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('app_id')->unique()->constrained()->cascadeOnDelete();
            $table->text('store');
            $table->text('password');
            $table->string('fingerprint');
            $table->timestamps();
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
    }

    public function down(): void
    {
        foreach (['jobs', 'signing_keys', 'submissions', 'builds', 'revisions', 'apps', 'founders'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
