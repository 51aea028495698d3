<?php

declare(strict_types=1);

namespace App\Providers;

use App\Records\ImmediateConnector;
use Illuminate\Support\ServiceProvider;

final class LanaiServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
    }
}
