<?php

declare(strict_types=1);

namespace App\Providers;

use App\Http\RateLimits;
use App\Records\Happenings;
use App\Records\ImmediateConnector;
use App\Services\AnswerDatabase;
use Illuminate\Cache\RateLimiter;
use Illuminate\Database\Events\TransactionRolledBack;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;

final class LanaiServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        // Beside the other caches, which are emptied at each start: limits outlive it.
        $this->app->extend(RateLimiter::class, fn (): RateLimiter => AnswerDatabase::limiter());
    }

    public function boot(): void
    {
        RateLimits::register();
        Event::listen(TransactionRolledBack::class, fn (TransactionRolledBack $event) => Happenings::forgetChanged($event->connectionName));
    }
}
