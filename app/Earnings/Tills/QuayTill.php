<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use DateTimeImmutable;
use Firebase\JWT\JWK;
use Firebase\JWT\JWT;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;
use Throwable;

/** Quay: answers in plain JSON; its messages are CloudEvents 1.0 with a token (RFC 7519, RS256) whose keys it publishes (RFC 7517). */
final readonly class QuayTill extends StoreTill
{
    private const KEYS = 3600;

    private const SKEW = 60;

    public function sold(): Sold
    {
        return Sold::Quay;
    }

    protected function read(string $token, array $answer): Told
    {
        return Told::of($answer, Told::events($answer), $this->sold()->terms());
    }

    public function heard(array $headers, string $body, DateTimeImmutable $now): string
    {
        $isSigned = Pattern::match('/^Bearer ([\w-]+\.[\w-]+\.[\w-]+)$/D', $headers['authorization'] ?? '', $found);
        $token = $isSigned ? $found[1] : throw new Forged('It is not signed.');
        $claims = $this->claims($token, $now);
        if (($claims['aud'] ?? '') !== $this->package) {
            throw new Forged('It is for another app.');
        }
        if (! is_string($claims['sha256'] ?? null) || ! hash_equals(hash('sha256', $body), $claims['sha256'])) {
            throw new Forged('It was changed on its way.');
        }
        $event = json_decode($body, true);
        $purchase = is_array($event) && is_array($event['data'] ?? null) ? $event['data']['purchase'] ?? null : null;

        return is_string($purchase) ? $purchase : throw new Forged('It does not say what it is about.');
    }

    /** @return array<string, mixed> */
    private function claims(string $token, DateTimeImmutable $now): array
    {
        $head = json_decode(JWT::urlsafeB64Decode(explode('.', $token)[0]), true);
        if (! is_array($head) || ($head['alg'] ?? '') !== 'RS256') {
            throw new Forged('It is signed in a way that is not taken.');
        }
        [$at, $leeway] = [JWT::$timestamp, JWT::$leeway];
        [JWT::$timestamp, JWT::$leeway] = [$now->getTimestamp(), self::SKEW];
        try {
            $claims = (array) JWT::decode($token, JWK::parseKeySet($this->keys(), 'RS256'));
        } catch (Refused $silent) {
            throw $silent;
        } catch (Throwable) {
            throw new Forged('Its signature is not the store’s, or it is old.');
        } finally {
            [JWT::$timestamp, JWT::$leeway] = [$at, $leeway];
        }

        return isset($claims['exp']) ? $claims : throw new Forged('It does not say until when it holds.');
    }

    /** @return array<string, mixed> */
    private function keys(): array
    {
        $url = (string) config('lanai.stores.quay.url');

        return Cache::remember("quay keys $url", self::KEYS, fn (): array => $this->line->ask('GET', '/keys'));
    }
}
