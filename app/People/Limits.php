<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\RateLimiter;
use Lanai\Core\Rows\Refused;

/** How often something may be tried, by whom it is about and by where it comes from; says how long to wait. */
final readonly class Limits
{
    private string $scope;

    public function __construct(People $people)
    {
        $this->scope = "{$people->app->id}/{$people->set->value}";
    }

    /**
     * @param  array<string, array{int, int}>  $limits  what is counted => how many in how many seconds
     *
     * @throws Refused with the time to wait
     */
    public function check(array $limits): void
    {
        foreach ($limits as $key => [$most, $seconds]) {
            if (RateLimiter::tooManyAttempts($this->key($key), $most)) {
                throw new Refused('That was tried too often. Please wait '.self::inWords(RateLimiter::availableIn($this->key($key))).' and try again.');
            }
        }
    }

    /** @param  array<string, array{int, int}>  $limits */
    public function count(array $limits): void
    {
        foreach ($limits as $key => [, $seconds]) {
            RateLimiter::hit($this->key($key), $seconds);
        }
    }

    /** @param  array<string, array{int, int}>  $limits */
    public function forget(array $limits): void
    {
        foreach (array_keys($limits) as $key) {
            RateLimiter::clear($this->key($key));
        }
    }

    public static function inWords(int $seconds): string
    {
        return $seconds <= 90 ? max(1, $seconds).' '.($seconds <= 1 ? 'second' : 'seconds') : (int) ceil($seconds / 60).' minutes';
    }

    private function key(string $key): string
    {
        return 'people:'.hash('sha256', "$this->scope/$key");
    }
}
