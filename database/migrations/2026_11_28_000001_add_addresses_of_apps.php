<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('apps', function (Blueprint $table): void {
            // Where the app's packages find Lanai; '' for where Lanai itself says that it is.
            $table->string('address')->default('');
            // Whether everybody may read the document of its live API.
            $table->boolean('api_public')->default(false);
        });
        Schema::table('builds', function (Blueprint $table): void {
            // Made for this computer only: its address need not be one that a phone can reach.
            $table->boolean('here')->default(false);
        });
    }
};
