<?php

declare(strict_types=1);

namespace App\People\OpenId;

use Firebase\JWT\BeforeValidException;
use Firebase\JWT\ExpiredException;
use Firebase\JWT\JWK;
use Firebase\JWT\JWT;
use Firebase\JWT\SignatureInvalidException;

/** Checks ID tokens by the rules of OpenID Connect Core 1.0, section 3.1.3.7. */
final readonly class IdToken
{
    /** Signatures by a key that only the provider has; a shared secret or none at all is never taken. */
    private const SIGNED = ['RS256', 'ES256', 'EdDSA'];

    /** Seconds by which two clocks may differ. */
    public const SKEW = 120;

    /** Seconds after which a token is too old to begin a session with. */
    private const OLDEST = 600;

    /** @param  array<string, mixed>  $keys  a JWK Set (RFC 7517) */
    public function __construct(private array $keys, private string $issuer, private string $client)
    {
    }

    /**
     * @param  string  $access  the access token that came with it; '' for none
     * @return array<string, mixed> its claims
     *
     * @throws TokenRefused
     */
    public function claims(string $token, string $nonce, int $now, string $access = ''): array
    {
        $parts = explode('.', $token);
        $header = count($parts) === 3 ? json_decode(JWT::urlsafeB64Decode($parts[0]), true) : null;
        if (! is_array($header)) {
            throw new TokenRefused('form', 'The provider sent no ID token.');
        }
        $algorithm = $header['alg'] ?? '';
        if (! in_array($algorithm, self::SIGNED, true)) {
            throw new TokenRefused('alg', 'The ID token is not signed by a key of the provider.');
        }
        $claims = $this->signed($token, (string) $algorithm, is_string($header['kid'] ?? null) ? $header['kid'] : '', $now);
        $audience = is_array($claims['aud'] ?? null) ? $claims['aud'] : [$claims['aud'] ?? null];
        $party = $claims['azp'] ?? null;
        $issued = $claims['iat'] ?? null;
        match (true) {
            ($claims['iss'] ?? null) !== $this->issuer => throw new TokenRefused('iss', 'The ID token comes from another provider.'),
            ! in_array($this->client, $audience, true) => throw new TokenRefused('aud', 'The ID token is meant for another app.'),
            count($audience) > 1 && $party === null, $party !== null && $party !== $this->client => throw new TokenRefused(
                'azp',
                'The ID token was made for another app.',
            ),
            ! is_int($claims['exp'] ?? null) => throw new TokenRefused('exp', 'The ID token does not say until when it is good.'),
            ! is_int($issued) || $issued < $now - self::OLDEST => throw new TokenRefused('iat', 'The ID token is too old.'),
            ! is_string($claims['nonce'] ?? null) || ! hash_equals($nonce, $claims['nonce']) => throw new TokenRefused(
                'nonce',
                'The ID token answers another sign-in.',
            ),
            ! is_string($claims['sub'] ?? null) || $claims['sub'] === '' || strlen($claims['sub']) > 255 => throw new TokenRefused(
                'sub',
                'The ID token does not say who it is about.',
            ),
            isset($claims['at_hash']) && $access !== '' && $claims['at_hash'] !== self::half($access) => throw new TokenRefused(
                'at_hash',
                'The ID token and the access token do not belong together.',
            ),
            default => true,
        };

        return $claims;
    }

    /** @return array<string, mixed> */
    private function signed(string $token, string $algorithm, string $kid, int $now): array
    {
        [$before, $leeway] = [JWT::$timestamp, JWT::$leeway];
        [JWT::$timestamp, JWT::$leeway] = [$now, self::SKEW];
        try {
            $keys = [
                'keys' => array_values(
                    array_filter(
                        is_array($this->keys['keys'] ?? null) ? $this->keys['keys'] : [],
                        fn (mixed $key): bool => is_array($key) && ($key['use'] ?? 'sig') === 'sig',
                    ),
                ),
            ];

            $parsed = JWK::parseKeySet($keys, $algorithm);
            // A token need not say which key it is signed with where there is only one (OpenID Connect Core 1.0, section 10.1).
            $with = $kid === '' && count($parsed) === 1 ? array_values($parsed)[0] : $parsed;

            /** @var array<string, mixed> $claims */
            $claims = json_decode((string) json_encode(JWT::decode($token, $with)), true);

            return $claims;
        } catch (ExpiredException) {
            throw new TokenRefused('exp', 'The ID token is no longer good.');
        } catch (BeforeValidException) {
            throw new TokenRefused('iat', 'The ID token comes from the future: the clock of the provider, or ours, is wrong.');
        } catch (SignatureInvalidException) {
            throw new TokenRefused('signature', 'The signature of the ID token is not right.');
        } catch (\UnexpectedValueException|\DomainException|\InvalidArgumentException|\TypeError $other) {
            throw new TokenRefused(
                str_contains($other->getMessage(), 'kid') ? 'kid' : 'signature',
                'The ID token cannot be checked with the keys of the provider.',
            );
        } finally {
            [JWT::$timestamp, JWT::$leeway] = [$before, $leeway];
        }
    }

    /** The left half of the access token's SHA-256 (section 3.1.3.6). */
    private static function half(string $access): string
    {
        return JWT::urlsafeB64Encode(substr(hash('sha256', $access, true), 0, 16));
    }
}
