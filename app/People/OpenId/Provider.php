<?php

declare(strict_types=1);

namespace App\People\OpenId;

use App\Models\IdentityProvider;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\People\Sessions;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Cache;
use League\OAuth2\Client\Provider\GenericProvider;

/** An outside identity provider as it describes itself (OpenID Connect Discovery 1.0), reached through the guard. */
final readonly class Provider
{
    /** Seconds: somebody waits, and a device gives up after twenty. */
    private const PATIENCE = 6;

    private function __construct(private IdentityProvider $known, private string $redirect, public ProviderPages $pages)
    {
    }

    /**
     * @param  string  $redirect  the address that the provider leads back to
     *
     * @throws ProviderTrouble
     */
    public static function at(IdentityProvider $known, string $redirect): self
    {
        $issuer = $known->address();
        if ($issuer === '' || $known->client_id === '') {
            throw new ProviderTrouble("$known->name is not set up yet.");
        }
        $found = Cache::get("openid:$issuer");
        if (! is_array($found)) {
            $found = self::read("$issuer/.well-known/openid-configuration", $known->name);
            if (($found['issuer'] ?? null) !== $issuer) {
                throw new ProviderTrouble("$known->name calls itself by another address than the one that was given.");
            }
            foreach (['authorization_endpoint', 'token_endpoint', 'jwks_uri'] as $needed) {
                if (! is_string($found[$needed] ?? null)) {
                    throw new ProviderTrouble("$known->name does not say where its $needed is.");
                }
            }
            Cache::put("openid:$issuer", $found, 3600);
        }

        return new self(
            $known,
            $redirect,
            new ProviderPages(
                $issuer,
                (string) $found['authorization_endpoint'],
                (string) $found['token_endpoint'],
                (string) $found['jwks_uri'],
                is_string($found['userinfo_endpoint'] ?? null) ? $found['userinfo_endpoint'] : '',
            ),
        );
    }

    /**
     * Where a person goes to sign in, with a proof key (RFC 7636, S256).
     *
     * @return array{url: string, state: string, verifier: string, nonce: string}
     */
    public function begin(): array
    {
        $client = $this->client();
        $nonce = bin2hex(random_bytes(16));
        $state = bin2hex(random_bytes(24));
        $url = $client->getAuthorizationUrl(['scope' => 'openid email profile', 'nonce' => $nonce, 'state' => $state]);

        return ['url' => $url, 'state' => $state, 'verifier' => (string) $client->getPkceCode(), 'nonce' => $nonce];
    }

    /**
     * @return array<string, mixed> the claims about the person
     *
     * @throws ProviderTrouble
     * @throws TokenRefused
     */
    public function finish(string $code, string $verifier, string $nonce, int $now): array
    {
        try {
            $answer = $this->exchange($code, $verifier);
        } catch (ConnectionException|AddressRefused) {
            throw new ProviderTrouble("{$this->known->name} does not answer. Please try again.");
        }
        $tokens = $answer->json();
        if (! $answer->successful() || ! is_array($tokens)) {
            $why = is_array($tokens) && is_string($tokens['error'] ?? null) ? mb_substr($tokens['error'], 0, 100) : $answer->status();
            throw new ProviderTrouble("{$this->known->name} does not accept the sign-in ($why).");
        }
        $access = is_string($tokens['access_token'] ?? null) ? $tokens['access_token'] : '';
        $claims = $this->checked(is_string($tokens['id_token'] ?? null) ? $tokens['id_token'] : '', $nonce, $now, $access);
        if (! isset($claims['email']) && $this->pages->userInfo !== '') {
            $more = $this->about($access);
            // What else is told counts only about the same person (OpenID Connect Core 1.0, section 5.3.2).
            $claims =
                ($more['sub'] ?? null) === $claims['sub'] ? $claims + $more : throw new TokenRefused('userinfo', 'The provider tells of another person.');
        }

        return $claims;
    }

    /** @throws ProviderTrouble where the provider does not know this app, its secret, or the address to come back to */
    public function check(): void
    {
        try {
            $page = Guard::to($this->pages->authorization, ['gatehouse'])
                ->timeout(self::PATIENCE)
                ->get($this->begin()['url']);
            if ($page->status() >= 400) {
                throw new ProviderTrouble(
                    "{$this->known->name} does not accept this client, or the address to come back to is not registered there: {$this->redirect}",
                );
            }
            $answer = $this->exchange('none', Sessions::token());
            if (($answer->json('error') ?? '') === 'invalid_client' || $answer->status() === 401) {
                throw new ProviderTrouble("{$this->known->name} does not know this client by this secret.");
            }
        } catch (ConnectionException|AddressRefused) {
            throw new ProviderTrouble("{$this->known->name} does not answer.");
        }
    }

    /** @return array<string, mixed> */
    private function checked(string $token, string $nonce, int $now, string $access): array
    {
        $keys = Cache::get("openid-keys:{$this->pages->keys}");
        $fresh = ! is_array($keys);
        $keys = $fresh ? self::read($this->pages->keys, $this->known->name) : $keys;
        Cache::put("openid-keys:{$this->pages->keys}", $keys, 3600);
        try {
            return (new IdToken($keys, $this->pages->issuer, $this->known->client_id))->claims($token, $nonce, $now, $access);
        } catch (TokenRefused $refused) {
            // A key that is not known may be new.
            if ($fresh || $refused->rule !== 'kid') {
                throw $refused;
            }
            Cache::forget("openid-keys:{$this->pages->keys}");

            return $this->checked($token, $nonce, $now, $access);
        }
    }

    /**
     * @throws ConnectionException
     * @throws AddressRefused
     */
    private function exchange(string $code, string $verifier): Response
    {
        return Guard::to($this->pages->token, ['gatehouse'])
            ->timeout(self::PATIENCE)
            ->asForm()
            ->post($this->pages->token, [
                'grant_type' => 'authorization_code',
                'code' => $code,
                'redirect_uri' => $this->redirect,
                'client_id' => $this->known->client_id,
                'client_secret' => $this->known->secret,
                'code_verifier' => $verifier,
            ]);
    }

    /** @return array<string, mixed> */
    private function about(string $access): array
    {
        try {
            $answer = Guard::to($this->pages->userInfo, ['gatehouse'])
                ->timeout(self::PATIENCE)
                ->withToken($access)
                ->get($this->pages->userInfo)
                ->json();
        } catch (ConnectionException|AddressRefused) {
            $answer = null;
        }

        return is_array($answer) ? $answer : [];
    }

    /** What is called goes through the guard; the library makes the address and the proof key only. */
    private function client(): GenericProvider
    {
        return new GenericProvider([
            'clientId' => $this->known->client_id,
            'clientSecret' => $this->known->secret,
            'redirectUri' => $this->redirect,
            'urlAuthorize' => $this->pages->authorization,
            'urlAccessToken' => $this->pages->token,
            'urlResourceOwnerDetails' => $this->pages->userInfo,
            'pkceMethod' => GenericProvider::PKCE_METHOD_S256,
            'scopeSeparator' => ' ',
        ]);
    }

    /**
     * @return array<string, mixed>
     *
     * @throws ProviderTrouble
     */
    private static function read(string $url, string $name): array
    {
        try {
            $answer = Guard::to($url, ['gatehouse'])
                ->timeout(self::PATIENCE)
                ->get($url);
        } catch (ConnectionException) {
            throw new ProviderTrouble("$name does not answer at $url.");
        } catch (AddressRefused $refused) {
            throw new ProviderTrouble($refused->getMessage());
        }
        $found = $answer->successful() ? $answer->json() : null;

        return is_array($found) ? $found : throw new ProviderTrouble("$name does not describe itself at $url.");
    }
}
