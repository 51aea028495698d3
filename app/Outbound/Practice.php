<?php

declare(strict_types=1);

namespace App\Outbound;

use App\Models\App;
use App\Models\Founder;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Text\Pattern;

/**
 * The stand-ins that ship with Lanai: called by their name, "stand-in:almanac/v1", wherever they run. What they keep and how they
 * are arranged belongs to one founder each: who knows a key opens its box there and no other.
 */
final class Practice
{
    /** Of the stand-ins those that are services for apps; the others keep what is nobody else's business. */
    public const SERVICES = ['almanac', 'wordsmith', 'chartroom'];

    /** Those that calls out may reach where nothing else is said. */
    public const CALLED = [...self::SERVICES, 'bunting', self::CRIER];

    /** Carries messages; it stands at a port of its own, for it speaks HTTP/2. */
    public const CRIER = 'crier';

    /** Names the box to a stand-in: it can be told to anybody, for only the key opens it. */
    public const BOX = 'X-Practice-Box';

    public const KEY = 'X-Practice-Key';

    /** The founder's key; that of whoever runs this Lanai for null. */
    public static function key(?Founder $founder): string
    {
        $whose = match (true) {
            $founder === null => 'host',
            $founder->email === config('lanai.demo_email') => 'demo',
            default => "founder $founder->id",
        };

        return hash_hmac('sha256', "practice of $whose", (string) config('lanai.practice_secret'));
    }

    public static function box(string $key): string
    {
        return substr(hash('sha256', $key), 0, 32);
    }

    /** The box of the founder of an app. */
    public static function boxOf(App $app): string
    {
        $box = Cache::remember(
            "practice box of founder $app->founder_id",
            3600,
            fn (): string => self::box(self::key(Founder::query()->find($app->founder_id))),
        );

        return $box;
    }

    /** Where a stand-in is, as a browser opens it, with the key of a founder in it. */
    public static function desk(string $name, ?Founder $founder): string
    {
        return 'http://'.config($name === self::CRIER ? 'lanai.crier' : 'lanai.standins')."/$name/?key=".self::key($founder);
    }

    /** An address with the name of a stand-in in it, as it can be called. */
    public static function resolved(string $address): string
    {
        return Pattern::replaceEach('~^stand-in:([a-z]+)~', fn (array $m): string => 'http://'.config('lanai.standins')."/$m[1]", $address);
    }

    /** An address of a stand-in by its name; any other as it is. */
    public static function named(string $address): string
    {
        $standins = preg_quote((string) config('lanai.standins'), '~');
        $port = (int) parse_url('http://'.config('lanai.standins'), PHP_URL_PORT);

        return Pattern::replace("~^http://($standins|localhost:$port)/~", 'stand-in:', $address);
    }

    /** Whether an address leads to the shipped stand-ins: the one exception among the addresses of this computer. */
    public static function holds(Address $address): bool
    {
        try {
            $standins = Address::of('http://'.config('lanai.standins'))->origin();
            $crier = 'http://'.config('lanai.crier');

            $sealed = Address::of(str_replace('http:', 'https:', $crier))->origin();

            return in_array($address->origin(), [$standins, Address::of($crier)->origin(), $sealed], true);
        } catch (AddressRefused) {
            return false;
        }
    }

    /** Whether an address leads to the shipped stand-ins, whatever it is written like. */
    public static function isAt(string $url): bool
    {
        try {
            return self::holds(Address::of($url));
        } catch (AddressRefused) {
            return false;
        }
    }

    /**
     * Lets only those of the stand-ins through that the one who asks may speak to.
     *
     * @param  list<string>  $names
     *
     * @throws AddressRefused
     */
    public static function admit(Address $address, array $names): void
    {
        if (! in_array($address->first(), $names, true) || str_contains(rawurldecode($address->rest), '..')) {
            throw new AddressRefused('This part of the stand-ins is not for apps.');
        }
    }
}
