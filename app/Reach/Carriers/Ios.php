<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

use App\Outbound\Call;
use App\Outbound\Told;
use Firebase\JWT\JWT;
use Illuminate\Support\Facades\File;
use Throwable;

/** To phones with iOS, over HTTP/2 with tokens signed with ES256, as the maker of these phones takes it (from memory). */
final class Ios implements Carrier
{
    /** Bytes of a message (from memory). */
    private const LARGEST = 4096;

    /** Seconds: a token is good for an hour, and is not to be made anew more often than every twenty minutes (from memory). */
    private const TOKEN = 2400;

    /** @var array{string, int}|null a token and when it was made */
    private ?array $token = null;

    /**
     * @param  array<array-key, mixed>  $settings  url, key, kid, team: as in the configuration
     * @param  string  $topic  the name of the package
     */
    public function __construct(private readonly array $settings, private readonly string $topic)
    {
    }

    public function call(Parcel $parcel): Call
    {
        $alert = ['title' => $parcel->words->title, 'body' => $parcel->words->text];
        $leads = ['open' => $parcel->opens(), 'id' => $parcel->id, 'place' => $parcel->place()];
        $around = ['aps' => ['alert' => $alert] + ($parcel->silent ? [] : ['sound' => 'default'])] + $leads
            + ($parcel->picture === '' ? [] : ['image' => $parcel->picture]);
        $room = self::LARGEST - strlen(self::written($around)) + strlen(self::written($alert));
        $around['aps']['alert'] = json_decode(WebPush::fitting($alert, $room), true);

        return new Call(rtrim($this->setting('url'), '/')."/{$parcel->phone->address}", [
            'Content-Type' => 'application/json',
            'authorization' => "bearer {$this->token()}",
            'apns-id' => $parcel->id,
            'apns-topic' => $this->topic,
            'apns-push-type' => 'alert',
            'apns-priority' => $parcel->urgent ? '10' : '5',
            'apns-expiration' => (string) $parcel->until,
        ] + ($parcel->replaces === '' ? [] : ['apns-collapse-id' => $parcel->replaces]), self::written($around));
    }

    public function heard(Told $told): Carried
    {
        $said = json_decode($told->body, true);
        $reason = is_array($said) && is_string($said['reason'] ?? null) ? $said['reason'] : '';

        return match (true) {
            $told->status === 200 && ($told->body === '' || $told->body === '{}') => Carried::sent(),
            $told->status === 410, $reason === 'BadDeviceToken' => Carried::gone(),
            in_array($reason, ['ExpiredProviderToken', 'InvalidProviderToken'], true), $told->status === 401 => $this->again(),
            $told->status === 0, $told->status === 200 => Carried::later(0, 'The carrier of iOS did not answer, or not as it should.'),
            $told->status === 429, $told->status >= 500 => Carried::later($told->retryAfter(), 'The carrier of iOS takes nothing just now.'),
            default => Carried::refused('The carrier of iOS has refused it'.($reason === '' ? '.' : " ($reason).")),
        };
    }

    private function again(): Carried
    {
        $this->token = null;

        return Carried::later(0, 'The carrier of iOS does not know the key.');
    }

    private function token(): string
    {
        if ($this->token === null || $this->token[1] < time() - self::TOKEN) {
            try {
                $key = File::get($this->setting('key'));
                $this->token = [JWT::encode(['iss' => $this->setting('team'), 'iat' => time()], $key, 'ES256', $this->setting('kid')), time()];
            } catch (Throwable) {
                throw new NotCarried('There is no key for the carrier of iOS.');
            }
        }

        return $this->token[0];
    }

    /** @param  array<string, mixed>  $around */
    private static function written(array $around): string
    {
        return (string) json_encode($around, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    private function setting(string $name): string
    {
        $value = $this->settings[$name] ?? '';

        return is_string($value) ? $value : '';
    }
}
