<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('imports', function (Blueprint $table): void {
            $table->unsignedInteger('header')->nullable();
            $table->json('facts')->default('[]');
            $table->unsignedTinyInteger('begun')->default(0);
        });
        Schema::table('builds', fn (Blueprint $table) => $table->unsignedTinyInteger('begun')->default(0));
    }

    public function down(): void
    {
        Schema::table('imports', fn (Blueprint $table) => $table->dropColumn(['header', 'facts', 'begun']));
        Schema::table('builds', fn (Blueprint $table) => $table->dropColumn('begun'));
    }
};
