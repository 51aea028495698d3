<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Founder;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;

/**
 * How often each thing may be asked, in a minute: every purpose is counted by itself, by the person or the device that shows a
 * session, and by the address that it comes from. Generous for a person and for many behind one address, tight for a flood.
 */
final class RateLimits
{
    /** Purpose => [for one person or device, for one address] */
    private const EACH_MINUTE = [
        'sign-in' => [10, 60],
        'sign-up' => [30, 30],
        'forgot' => [3, 10],
        'account' => [30, 60],
        'invite' => [30, 60],
        'founder' => [900, 1800],
        'service' => [60, 120],
        'reading' => [240, 960],
        'rehearsal' => [240, 480],
        'rest' => [600, 1200],
        'hook' => [120, 600],
        'view' => [300, 1500],
        'tap' => [120, 600],
        'pulse' => [120, 1500],
        'outlines' => [30, 600],
        'words' => [30, 900],
        'trouble' => [10, 60],
        'arrive' => [60, 600],
        'mine' => [20, 60],
        'say' => [60, 240],
        'upload' => [20, 60],
        'media' => [1200, 6000],
        'tiles' => [600, 3000],
        'page' => [120, 600],
        'taken' => [6000, 6000],
        'advert' => [120, 900],
        'count' => [30, 900],
        'notify' => [60, 900],
        'deletion' => [20, 60],
        'back' => [60, 240],
    ];

    public static function register(): void
    {
        foreach (self::EACH_MINUTE as $purpose => [$person, $address]) {
            RateLimiter::for($purpose, self::limits($purpose, $person, $address));
        }
    }

    /**
     * What a device asks to read, and by itself: of those that show no session nobody knows which is which, so they have two thirds of what
     * their address has, and the others there the rest.
     */
    private const READ = ['view', 'advert', 'count', 'notify', 'pulse', 'media', 'tiles', 'outlines', 'words'];

    /** @return Closure(Request): list<Limit> */
    private static function limits(string $purpose, int $person, int $address): Closure
    {
        return fn (Request $request): array => [
            Limit::perMinute($address)->by("$purpose by address {$request->ip()}"),
            Limit::perMinute(in_array($purpose, self::READ, true) && ! self::isKnown($request) ? intdiv(2 * $address, 3) : $person)->by(
                "$purpose by ".self::who($request, $purpose),
            ),
        ];
    }

    private static function isKnown(Request $request): bool
    {
        return $request->user() instanceof Founder || ! in_array($request->bearerToken(), [null, ''], true);
    }

    /** Who asks, as far as it can be told without asking a database: else where from. */
    private static function who(Request $request, string $purpose): string
    {
        $founder = $request->user();
        $email = $request->input('email');

        return match (true) {
            // The same account from the same place: nobody is locked out by others.
            in_array($purpose, ['sign-in', 'forgot'], true) => 'account '.hash('sha256', (is_string($email) ? mb_strtolower($email) : '')."|{$request->ip()}"),
            $purpose === 'hook' => "path {$request->path()}",
            $founder instanceof Founder => "founder $founder->id",
            is_string($request->bearerToken()) && $request->bearerToken() !== '' => 'token '.hash('sha256', $request->bearerToken()),
            default => "address {$request->ip()} alone",
        };
    }
}
