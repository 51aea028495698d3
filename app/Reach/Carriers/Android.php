<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

use App\Outbound\AddressRefused;
use App\Outbound\Call;
use App\Outbound\Guard;
use App\Outbound\Told;
use Firebase\JWT\JWT;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Throwable;

/**
 * To phones with Android, by tokens over HTTP: access is had by a signed assertion (RFC 7523), and a message is JSON, as the maker of these phones takes it
 * (from memory).
 */
final readonly class Android implements Carrier
{
    /** Bytes of the parts that a phone gets (from memory). */
    private const LARGEST = 4000;

    /** @param  array<array-key, mixed>  $settings  url, token, account, scope, key: as in the configuration */
    public function __construct(private array $settings)
    {
    }

    public function call(Parcel $parcel): Call
    {
        $open = (string) json_encode($parcel->opens());
        $told = ['title' => $parcel->words->title] + ($parcel->picture === '' ? [] : ['image' => $parcel->picture]);
        $shown = WebPush::fitting($told + ['body' => $parcel->words->text], self::LARGEST - strlen($open));
        $lasts = max(0, $parcel->until - time());
        $message = [
            'token' => $parcel->phone->address,
            'notification' => json_decode($shown, true),
            'data' => ['id' => $parcel->id, 'open' => $open, 'silent' => $parcel->silent ? '1' : '0'],
            'android' => ['ttl' => "{$lasts}s", 'priority' => $parcel->urgent ? 'high' : 'normal']
                + ($parcel->replaces === '' ? [] : ['collapse_key' => $parcel->replaces]),
        ];

        return new Call(
            $this->setting('url'),
            ['Content-Type' => 'application/json', 'Authorization' => "Bearer {$this->access()}"],
            (string) json_encode(['message' => $message], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        );
    }

    public function heard(Told $told): Carried
    {
        $said = json_decode($told->body, true);

        return match (true) {
            $told->status === 200 && is_array($said) && is_string($said['name'] ?? null) => Carried::sent(),
            $told->status === 404 => Carried::gone(),
            $told->status === 401 => $this->again(),
            $told->status === 0, $told->status === 200 => Carried::later(0, 'The carrier of Android did not answer, or not as it should.'),
            $told->status === 429, $told->status >= 500 => Carried::later($told->retryAfter(), 'The carrier of Android takes nothing just now.'),
            default => Carried::refused("The carrier of Android has refused it ($told->status)."),
        };
    }

    /** A pass that is not taken any more is asked for anew. */
    private function again(): Carried
    {
        Cache::forget($this->kept());

        return Carried::later(0, 'The carrier of Android does not know the key.');
    }

    /** @throws NotCarried */
    private function access(): string
    {
        $known = Cache::get($this->kept());
        if (is_string($known)) {
            return $known;
        }
        try {
            $url = $this->setting('token');
            $key = File::get($this->setting('key'));
            $now = time();
            $assertion = JWT::encode(
                ['iss' => $this->setting('account'), 'scope' => $this->setting('scope'), 'aud' => $url, 'iat' => $now, 'exp' => $now + 3600],
                $key,
                (openssl_pkey_get_details(openssl_pkey_get_private($key) ?: throw new NotCarried())['type'] ?? null) === OPENSSL_KEYTYPE_EC ? 'ES256' : 'RS256',
            );
            $answer = Guard::to($url)->asForm()->timeout(10)->post($url, [
                'grant_type' => 'urn:ietf:params:oauth:grant-type:jwt-bearer',
                'assertion' => $assertion,
            ]);
        } catch (ConnectionException|AddressRefused) {
            throw new NotCarried('The carrier of Android does not answer.');
        } catch (Throwable) {
            throw new NotCarried('There is no key for the carrier of Android.');
        }
        [$pass, $seconds] = [$answer->json('access_token'), $answer->json('expires_in')];
        if (! $answer->successful() || ! is_string($pass)) {
            throw new NotCarried('The carrier of Android does not know the key.');
        }
        Cache::put($this->kept(), $pass, max(60, (is_int($seconds) ? $seconds : 600) - 300));

        return $pass;
    }

    private function kept(): string
    {
        return 'pass for android '.sha1($this->setting('token').$this->setting('account'));
    }

    private function setting(string $name): string
    {
        $value = $this->settings[$name] ?? '';

        return is_string($value) ? $value : '';
    }
}
