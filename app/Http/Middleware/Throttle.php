<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Records\DataTrouble;
use Closure;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Counts how often things are asked. Where the disk is full nothing can be counted; what only reads is answered all the same. */
final class Throttle extends ThrottleRequests
{
    private const READING = ['view', 'pulse', 'media', 'tiles', 'page', 'founder', 'rest'];

    /**
     * @param  \Illuminate\Http\Request  $request
     * @param  int|string  $maxAttempts  the purpose
     * @param  float|int  $decayMinutes
     * @param  string  $prefix
     */
    public function handle($request, Closure $next, $maxAttempts = 60, $decayMinutes = 1, $prefix = ''): Response
    {
        try {
            // With these three alone the framework takes the last for a name.
            return parent::handle($request, $next, $maxAttempts);
        } catch (Throwable $trouble) {
            return DataTrouble::isFull($trouble) && in_array($maxAttempts, self::READING, true) ? $next($request) : throw $trouble;
        }
    }
}
