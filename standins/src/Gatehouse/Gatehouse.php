<?php

declare(strict_types=1);

namespace Standins\Gatehouse;

use Standins\Answer;
use Standins\Box;
use Standins\Page;

/**
 * An OpenID Connect provider with made-up people (OpenID Connect Core 1.0 and Discovery 1.0, RFC 6749, RFC 7636), with
 * switches that break one rule at a time, so that an app can rehearse what it should refuse.
 */
final readonly class Gatehouse
{
    private const KID = 'gatehouse-1';

    /**
     * @param  string  $issuer  the address under which it is known
     * @param  string  $key  with which its desk was opened; '' for closed
     */
    public function __construct(private House $house, private string $issuer, private string $key = '')
    {
    }

    /**
     * @param  array<string, mixed>  $query
     * @param  array<string, mixed>  $form
     */
    public function answer(string $method, string $path, array $query, array $form, string $authorization): Answer
    {
        return match (true) {
            $path === '/.well-known/openid-configuration' => $this->describe(),
            $path === '/jwks' => $this->keys(),
            $path === '/authorize' && $method === 'GET' => $this->ask($query),
            $path === '/authorize' && $method === 'POST' => $this->decide($form),
            $path === '/token' && $method === 'POST' => $this->exchange($form, $authorization),
            $path === '/userinfo' => $this->tell($authorization),
            preg_match('~^/pictures/(p-\d+)\.png$~', $path, $found) === 1 && isset(House::PEOPLE[$found[1]]) => self::picture($found[1]),
            $path === '/' && $this->key === '' => Box::closed(),
            $path === '/' && $method === 'POST' => $this->arrange($form),
            $path === '/' => $this->desk(),
            default => Answer::problem(404, 'There is no such page at Gatehouse.'),
        };
    }

    private function describe(): Answer
    {
        return Answer::json(200, [
            'issuer' => $this->issuer,
            'authorization_endpoint' => "$this->issuer/authorize",
            'token_endpoint' => "$this->issuer/token",
            'userinfo_endpoint' => "$this->issuer/userinfo",
            'jwks_uri' => "$this->issuer/jwks",
            'response_types_supported' => ['code'],
            'subject_types_supported' => ['public'],
            'id_token_signing_alg_values_supported' => ['RS256'],
            'scopes_supported' => ['openid', 'email', 'profile'],
            'token_endpoint_auth_methods_supported' => ['client_secret_post', 'client_secret_basic'],
            'code_challenge_methods_supported' => ['S256'],
            'claims_supported' => ['sub', 'name', 'email', 'email_verified'],
        ]);
    }

    private function keys(): Answer
    {
        $details = openssl_pkey_get_details($this->house->key());

        return Answer::json(200, [
            'keys' => [
                [
                    'kty' => 'RSA',
                    'use' => 'sig',
                    'alg' => 'RS256',
                    'kid' => self::KID,
                    'n' => House::encoded($details['rsa']['n']),
                    'e' => House::encoded($details['rsa']['e']),
                ],
            ],
        ]);
    }

    /** @param  array<string, mixed>  $asked */
    private function ask(array $asked): Answer
    {
        $text = fn (string $key): string => is_string($asked[$key] ?? null) ? $asked[$key] : '';
        $client = $this->house->state['clients'][$text('client_id')] ?? null;
        // A wrong client or address is said here and never led back to (RFC 6749, section 4.1.2.1).
        if ($client === null) {
            return $this->wrong('This app is not registered at Gatehouse.', 'No client is called “'.$text('client_id').'”.');
        }
        if (! in_array($text('redirect_uri'), $client['redirects'], true)) {
            return $this->wrong(
                'The address to come back to is not registered.',
                "“{$client['name']}” asks to come back to “".$text('redirect_uri').'”, which is not among: '.implode(', ', $client['redirects']).'.',
            );
        }
        if (
            $text('response_type') !== 'code' ||
            ! in_array('openid', explode(' ', $text('scope')), true) ||
            $text('code_challenge_method') !== 'S256' ||
            ! preg_match('/^[A-Za-z0-9_-]{43}$/', $text('code_challenge'))
        ) {
            return self::back($text('redirect_uri'), [
                'error' => 'invalid_request',
                'error_description' => 'A code with the scope openid and a proof key (S256) is needed.',
                'state' => $text('state'),
            ]);
        }
        $hidden = '';
        foreach (['client_id', 'redirect_uri', 'state', 'nonce', 'code_challenge', 'scope'] as $key) {
            $hidden .= "<input type=\"hidden\" name=\"$key\" value=\"".Page::text($text($key)).'">';
        }
        $people = '';
        foreach (House::PEOPLE as $id => $person) {
            $people .=
                "<p><button class=\"main\" name=\"person\" value=\"$id\">Go on as ".
                Page::text($person['name']).
                '</button> <small>'.
                Page::text($person['email']).
                ($person['email_verified'] ? '' : ', not verified').
                '</small></p>';
        }

        return Page::of(
            'Gatehouse',
            '<small>Gatehouse, a practice identity provider</small><h1>'.
                Page::text($client['name']).
                ' wants to know who you are</h1><p>It would learn your name and your e-mail address.'.
                ($this->house->state['testing'] ? ' <strong>It is being tested: only testers get in.</strong>' : '').
                "</p><form method=\"post\" action=\"$this->issuer/authorize\">$hidden$people<p><button name=\"person\" value=\"\">No, go back</button>"
                    .'</p></form>',
        );
    }

    /** @param  array<string, mixed>  $form */
    private function decide(array $form): Answer
    {
        $text = fn (string $key): string => is_string($form[$key] ?? null) ? $form[$key] : '';
        $client = $this->house->state['clients'][$text('client_id')] ?? null;
        if ($client === null || ! in_array($text('redirect_uri'), $client['redirects'], true)) {
            return $this->wrong('The address to come back to is not registered.', $text('redirect_uri'));
        }
        $person = House::PEOPLE[$text('person')] ?? null;
        if ($person === null) {
            return self::back($text('redirect_uri'), ['error' => 'access_denied', 'error_description' => 'The person said no.', 'state' => $text('state')]);
        }
        if ($this->house->state['testing'] && ! in_array($person['email'], $this->house->state['testers'], true)) {
            return $this->wrong(
                'This app is being tested, and you are not one of its testers.',
                "{$person['email']} is not on the list. Its owner can add testers at the desk of Gatehouse, or end the test.",
            );
        }
        $code = House::encoded(random_bytes(24));
        $this->house->change(function (House $house) use ($code, $text): void {
            $house->state['codes'][$code] = [
                'until' => time() + 60,
                'client' => $text('client_id'),
                'redirect' => $text('redirect_uri'),
                'nonce' => $text('nonce'),
                'challenge' => $text('code_challenge'),
                'person' => $text('person'),
            ];
        });

        return self::back($text('redirect_uri'), ['code' => $code, 'state' => $text('state')]);
    }

    /** @param  array<string, mixed>  $form */
    private function exchange(array $form, string $authorization): Answer
    {
        $text = fn (string $key): string => is_string($form[$key] ?? null) ? $form[$key] : '';
        [$id, $secret] = preg_match('/^Basic (\S+)$/', $authorization, $basic)
            ? array_map(urldecode(...), explode(':', (string) base64_decode($basic[1]), 2) + [1 => ''])
            : [$text('client_id'), $text('client_secret')];
        $client = $this->house->state['clients'][$id] ?? null;
        if ($client === null || ! hash_equals($client['secret'], $secret)) {
            return Answer::json(401, ['error' => 'invalid_client', 'error_description' => 'The client or its secret is not right.']);
        }
        $given = $this->house->change(function (House $house) use ($text): ?array {
            $given = $house->state['codes'][$text('code')] ?? null;
            unset($house->state['codes'][$text('code')]);

            return $given;
        });
        $proof = House::encoded(hash('sha256', $text('code_verifier'), true));
        if (
            $given === null ||
            $given['until'] < time() ||
            $given['client'] !== $id ||
            $given['redirect'] !== $text('redirect_uri') ||
            ! hash_equals((string) $given['challenge'], $proof)
        ) {
            return Answer::json(400, ['error' => 'invalid_grant', 'error_description' => 'The code is not good, or its proof is not right.']);
        }
        $access = $this->house->mark().House::encoded(random_bytes(24));
        $this->house->change(function (House $house) use ($access, $given): void {
            $house->state['tokens'][$access] = ['until' => time() + 3600, 'person' => $given['person']];
        });

        return Answer::json(200, [
            'access_token' => $access,
            'token_type' => 'Bearer',
            'expires_in' => 3600,
            'scope' => 'openid email profile',
            'id_token' => $this->token($given, $id, $access),
        ]);
    }

    /** @param  array<string, mixed>  $given */
    private function token(array $given, string $client, string $access): string
    {
        $break = $this->house->state['break'];
        $now = time() + $this->house->state['skew'];
        $person = $this->told($given['person']);
        $claims =
            [
                'iss' => $this->issuer,
                'sub' => $given['person'],
                'aud' => $client,
                'iat' => $now,
                'exp' => $now + 300,
                'nonce' => $given['nonce'],
                'at_hash' => House::encoded(substr(hash('sha256', $access, true), 0, 16)),
            ] + $person;
        $claims = match ($break) {
            'iss' => ['iss' => "$this->issuer/other"] + $claims,
            'aud' => ['aud' => 'somebody-else'] + $claims,
            'azp' => ['aud' => [$client, 'somebody-else'], 'azp' => 'somebody-else'] + $claims,
            'exp' => ['exp' => $now - 3600, 'iat' => $now - 7200] + $claims,
            'old' => ['iat' => $now - 7200] + $claims,
            'future' => ['iat' => $now + 3600, 'exp' => $now + 7200] + $claims,
            'nonce' => ['nonce' => 'another'] + $claims,
            'sub' => array_diff_key($claims, ['sub' => 0]),
            'at_hash' => ['at_hash' => House::encoded(random_bytes(16))] + $claims,
            'userinfo' => array_diff_key($claims, ['email' => 0, 'email_verified' => 0]),
            default => $claims,
        };
        $header = [
            'alg' => match ($break) {
                'none' => 'none',
                'hmac' => 'HS256',
                default => 'RS256',
            },
            'typ' => 'JWT',
            'kid' => $break === 'kid' ? 'gatehouse-0' : self::KID,
        ];
        $signed = House::encoded((string) json_encode($header)).'.'.House::encoded((string) json_encode($claims, JSON_UNESCAPED_SLASHES));
        if ($break === 'none') {
            return "$signed.";
        }
        if ($break === 'hmac') {
            // The public key as the shared secret: what an app falls for that lets the token choose how it is checked.
            return "$signed.".House::encoded(hash_hmac('sha256', $signed, (string) openssl_pkey_get_details($this->house->key())['key'], true));
        }
        openssl_sign($signed, $signature, $this->house->key($break === 'key' ? 'wrong' : 'right'), OPENSSL_ALGO_SHA256);

        return "$signed.".House::encoded($signature);
    }

    private function tell(string $authorization): Answer
    {
        $token = preg_match('/^Bearer (\S+)$/', $authorization, $found) ? $this->house->state['tokens'][$found[1]] ?? null : null;
        if ($token === null || $token['until'] < time()) {
            return new Answer(401, '', ['WWW-Authenticate' => 'Bearer error="invalid_token"']);
        }

        return Answer::json(200, ['sub' => $this->house->state['break'] === 'userinfo' ? 'p-9999' : $token['person']] + $this->told($token['person']));
    }

    /** @return array<string, mixed> the claims about a person */
    private function told(string $person): array
    {
        return House::PEOPLE[$person] + ['picture' => "$this->issuer/pictures/$person.png"];
    }

    /** A picture drawn from a person's number. */
    private static function picture(string $person): Answer
    {
        $image = imagecreatetruecolor(96, 96);
        $seed = crc32($person);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 190 + ($seed % 60), 200 + (($seed >> 8) % 50), 190 + (($seed >> 16) % 60)));
        $ink = (int) imagecolorallocate($image, 40, 60, 80);
        imagefilledellipse($image, 48, 38, 34, 34, $ink);
        imagefilledellipse($image, 48, 92, 70, 60, $ink);
        ob_start();
        imagepng($image);

        return Answer::file((string) ob_get_clean(), 'image/png');
    }

    private function desk(): Answer
    {
        $state = $this->house->state;
        $clients = '';
        foreach ($state['clients'] as $id => $client) {
            $clients .=
                '<form method="post"><h2>'.
                Page::text($client['name']).
                '</h2><p><small>client id</small> <code>'.
                Page::text($id).
                '</code><br><small>client secret</small> <code>'.
                Page::text($client['secret']).
                '</code></p>'.
                '<label>Addresses that it may come back to, one a line<textarea name="redirects" rows="2">'.
                Page::text(implode("\n", $client['redirects'])).
                '</textarea></label><button name="client" value="'.
                Page::text($id).
                '">Register</button></form>';
        }
        $options = implode(
            '',
            array_map(
                fn (string $b): string => '<option value="'.
                    $b.
                    '"'.
                    ($b === $state['break'] ? ' selected' : '').
                    '>'.
                    ($b === '' ? 'nothing' : $b).
                    '</option>',
                House::BREAKS,
            ),
        );

        return Page::of(
            'The desk of Gatehouse',
            '<small>Gatehouse, a practice identity provider</small><h1>The desk</h1><p>Apps that let people in through Gatehouse are registered '
                .'here. Its address is <code>'.
                Page::text($this->issuer).
                '</code>.</p>'.
                $clients.
                '<form method="post"><h2>A new app</h2><label>Its name <input name="name" required></label><button name="new" value="1">'
                    .'Register</button></form>'.
                '<form method="post"><h2>Rehearsal</h2><label><input type="checkbox" name="testing" value="1"'.
                ($state['testing'] ? ' checked' : '').
                '> Being tested: only testers get in</label>'.
                '<label>Testers, one a line<textarea name="testers" rows="3">'.
                Page::text(implode("\n", $state['testers'])).
                '</textarea></label>'.
                "<label>Broken in every token <select name=\"break\">$options</select></label><label>Its clock is ahead by <input name=\"skew\" "
                    ."size=\"6\" value=\"{$state['skew']}\"> seconds</label><button name=\"switches\" value=\"1\">Set</button></form>",
        );
    }

    /** @param  array<string, mixed>  $form */
    private function arrange(array $form): Answer
    {
        $lines = fn (string $key): array => array_values(array_filter(array_map(trim(...), explode("\n", is_string($form[$key] ?? null) ? $form[$key] : ''))));
        $this->house->change(function (House $house) use ($form, $lines): void {
            $id = is_string($form['client'] ?? null) ? $form['client'] : '';
            if (isset($house->state['clients'][$id])) {
                $house->state['clients'][$id]['redirects'] = $lines('redirects');
            }
            if (isset($form['new']) && is_string($form['name'] ?? null) && trim($form['name']) !== '') {
                $house->state['clients']['client-'.$house->mark().bin2hex(random_bytes(4))] = [
                    'secret' => House::encoded(random_bytes(18)),
                    'name' => mb_substr(trim($form['name']), 0, 60),
                    'redirects' => [],
                ];
            }
            if (isset($form['switches'])) {
                $house->state['testing'] = isset($form['testing']);
                $house->state['testers'] = $lines('testers');
                $house->state['break'] = in_array($form['break'] ?? '', House::BREAKS, true) ? (string) $form['break'] : '';
                $house->state['skew'] = max(-86400, min(86400, (int) ($form['skew'] ?? 0)));
            }
        });

        return new Answer(303, '', ['Location' => "$this->issuer/?key=$this->key"]);
    }

    private function wrong(string $title, string $text): Answer
    {
        return new Answer(
            400,
            Page::of(
                'Gatehouse',
                '<small>Gatehouse, a practice identity provider</small><h1>'.Page::text($title).'</h1><p class="wrong">'.Page::text($text).'</p>',
            )->body,
            ['Content-Type' => 'text/html; charset=utf-8'],
        );
    }

    /** @param  array<string, string>  $with */
    private static function back(string $to, array $with): Answer
    {
        return new Answer(302, '', [
            'Location' => $to.(str_contains($to, '?') ? '&' : '?').http_build_query(array_filter($with, fn (string $v): bool => $v !== '')),
        ]);
    }
}
