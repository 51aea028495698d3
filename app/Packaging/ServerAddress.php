<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Models\App;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Cache;

/** Where an app's packages find the server: it is written into each of them, and so it is looked at from the outside first. */
final class ServerAddress
{
    /** Seconds for which what was seen from the outside is believed. */
    private const BELIEVED = 300;

    public static function of(App $app): string
    {
        return rtrim($app->address !== '' ? $app->address : OwnAddress::of($app) ?? (string) config('app.url'), '/');
    }

    /** What is wrong with it as it is written; '' for nothing. */
    public static function wrong(string $address): string
    {
        $parts = parse_url($address);
        $plain =
            is_array($parts) &&
            in_array($parts['scheme'] ?? '', ['http', 'https'], true) &&
            ($parts['host'] ?? '') !== '' &&
            array_diff(array_keys($parts), ['scheme', 'host', 'port', 'path']) === [] &&
            in_array($parts['path'] ?? '', ['', '/'], true);

        return $plain && strlen($address) <= 200 ? '' : 'Please write an address such as https://app.example.com, without anything behind it.';
    }

    /** Why no phone can reach it; '' where it was seen from the outside that phones can. */
    public static function refusal(App $app, bool $again = false): string
    {
        $address = self::of($app);
        $key = 'reach:'.md5($address);
        if ($again) {
            Cache::forget($key);
        }
        $seen = Cache::remember($key, self::BELIEVED, fn (): string => self::seen($address));

        return $seen;
    }

    /** What proves to one who asks over an address that this very server answers there. */
    public static function proof(string $nonce): string
    {
        return hash_hmac('sha256', "reach $nonce", (string) config('app.key'));
    }

    private static function seen(string $address): string
    {
        $wrong = self::wrong($address);
        if ($wrong !== '') {
            return $wrong;
        }
        if (! str_starts_with($address, 'https://')) {
            return "$address is without encryption. Phones and stores want an address that begins with https.";
        }
        $nonce = bin2hex(random_bytes(16));
        try {
            $answer = Guard::promise('GET', "$address/reach/$nonce", [], '', [], 5)->wait();
        } catch (AddressRefused $refused) {
            return "No phone can reach $address: {$refused->getMessage()}";
        } catch (ConnectionException) {
            return "Nothing answers at $address.";
        }

        return $answer->status() === 200 && hash_equals(self::proof($nonce), trim($answer->body()))
            ? ''
            : "Something other than this Lanai answers at $address.";
    }
}
