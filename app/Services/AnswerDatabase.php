<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Cache\RateLimiter;
use Illuminate\Cache\Repository;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Database\QueryException;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Schema;

/** Where answers are kept, and the locks around them: a small database of its own, which may be lost at any time. */
final class AnswerDatabase
{
    private static bool $ready = false;

    public static function store(): Repository
    {
        $name = (string) config('lanai.answers');
        if ($name === 'answers' && ! self::$ready) {
            self::prepare((string) config('database.connections.answers.database'));
            self::$ready = true;
        }
        $store = Cache::store($name);

        return $store instanceof Repository ? $store : throw new \LogicException('Answers need a store of the framework.');
    }

    public static function lock(string $name, int $seconds): Lock
    {
        $provider = self::store()->getStore();

        return $provider instanceof LockProvider ? $provider->lock($name, $seconds) : throw new \LogicException('Answers need a store with locks.');
    }

    public static function limiter(): RateLimiter
    {
        return new RateLimiter(self::store());
    }

    private static function prepare(string $file): void
    {
        if (! is_file($file)) {
            touch($file);
            chmod($file, 0600);
        }
        $schema = Schema::connection('answers');
        foreach (['cache' => 'value', 'cache_locks' => 'owner'] as $table => $column) {
            if (! $schema->hasTable($table)) {
                try {
                    $schema->create($table, function (Blueprint $made) use ($column): void {
                        $made->string('key')->primary();
                        $made->mediumText($column);
                        $made->integer('expiration')->index();
                    });
                } catch (QueryException $exception) {
                    // Another process may have been quicker.
                    if (! Schema::connection('answers')->hasTable($table)) {
                        throw $exception;
                    }
                }
            }
        }
    }
}
