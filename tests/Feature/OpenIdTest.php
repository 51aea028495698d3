<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Models\IdentityProvider;
use App\People\OpenId\IdToken;
use App\People\OpenId\Provider;
use App\People\OpenId\TokenRefused;
use App\People\People;
use App\Records\DataSet;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Process;
use PHPUnit\Framework\Attributes\DataProvider;
use Standins\Gatehouse\Gatehouse;
use Standins\Gatehouse\House;
use Tests\TestCase;

/** Signing in through Gatehouse, and each rule of OpenID Connect broken once. Its calls are answered by Gatehouse itself, in process. */
final class OpenIdTest extends TestCase
{
    private App $demo;

    private House $house;

    private Gatehouse $gatehouse;

    private string $issuer = 'http://127.0.0.1:8001/gatehouse';

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->house = new House($this->folder().'/gatehouse', 'http://localhost:8000');
        $this->gatehouse = new Gatehouse($this->house, $this->issuer);
        Http::fake(function ($request) {
            parse_str((string) parse_url($request->url(), PHP_URL_QUERY), $query);
            parse_str((string) $request->body(), $form);
            $answer = $this->gatehouse->answer(
                $request->method(),
                substr((string) parse_url($request->url(), PHP_URL_PATH), strlen('/gatehouse')),
                $query,
                $form,
                $request->header('Authorization')[0] ?? '',
            );

            return Http::response($answer->body, $answer->status, $answer->headers);
        });
    }

    private function people(): People
    {
        return new People($this->demo, DataSet::Live, $this->demo->revision->read());
    }

    /** Begins on a device; gives the address at the provider and the handle that the device waits under.
     *
     * @return array{string, string}
     */
    private function begin(string $token = ''): array
    {
        $answer = $this->withHeaders($token === '' ? [] : ['Authorization' => "Bearer $token"])
            ->postJson('/device/live/saltlark/do', ['screen' => 'sign-in', 'at' => '/screens/14/lines/5', 'tap' => bin2hex(random_bytes(4))])
            ->assertOk();
        $this->flushHeaders();
        self::assertMeets('view', (string) $answer->getContent());
        self::assertSame('leave for', $answer->json('outcome.onDevice.0.do'), (string) $answer->json('outcome.refused'));

        return [$answer->json('outcome.onDevice.0.text'), $answer->json('outcome.pending')];
    }

    /** What the person does at Gatehouse: gives the address that it leads back to. */
    private function consent(string $url, string $person): string
    {
        parse_str((string) parse_url($url, PHP_URL_QUERY), $asked);
        $answer = $this->gatehouse->answer('POST', '/authorize', [], $asked + ['person' => $person], '');

        return $answer->headers['Location'] ?? '';
    }

    private function arrive(string $handle): array
    {
        return $this->postJson('/device/live/saltlark/arrive', ['pending' => $handle])
            ->assertOk()
            ->json();
    }

    private function comeBack(string $location, string $handle): \Illuminate\Testing\TestResponse
    {
        return $this->withCookie('lanai_away', $handle)->get(substr($location, strlen('http://localhost:8000')));
    }

    public function test_somebody_new_comes_in_through_the_provider(): void
    {
        [$url, $handle] = $this->begin();
        parse_str((string) parse_url($url, PHP_URL_QUERY), $asked);
        self::assertSame(
            ['code', 'saltlark-live', 'http://localhost:8000/back/live/saltlark', 'S256', 'openid email profile'],
            [$asked['response_type'], $asked['client_id'], $asked['redirect_uri'], $asked['code_challenge_method'], $asked['scope']],
        );
        self::assertSame(['waiting' => true], $this->arrive($handle));
        $back = $this->consent($url, 'p-2041');
        self::assertStringStartsWith('http://localhost:8000/back/live/saltlark?code=', $back);
        $this->comeBack($back, $handle)->assertRedirect('/a/saltlark?back=1');
        $arrived = $this->arrive($handle);

        self::assertSame(['upcoming', 43], [$arrived['arrives'], strlen($arrived['session'])]);
        $this->withToken($arrived['session'])->postJson('/device/live/saltlark/view')->assertJsonPath('view.nodes.0.text', 'Good morning, Runa Castellane');
        $account = $this->people()->accounts()->orderByDesc('id')->firstOrFail();
        self::assertSame('runa@castellane.example', $account->email);
        self::assertMatchesRegularExpression(
            '/^[0-9a-f]{64}\.png$/',
            (string) $this->people()
                ->store()
                ->byIds($this->people()->table(), [$account->person])[$account->person]->values['picture'],
        );
        // The session is handed over once, and a return counts once.
        $this->flushHeaders();
        self::assertSame(['waiting' => false], $this->arrive($handle));
        $this->comeBack($back, $handle)->assertStatus(400);
        // The same person comes again and is the same.
        [$url, $handle] = $this->begin();
        $this->comeBack($this->consent($url, 'p-2041'), $handle);
        $this->arrive($handle);
        self::assertSame(1, $this->people()->accounts()->where('email', 'runa@castellane.example')->count());
    }

    public function test_one_verified_address_is_one_person_and_an_unverified_one_is_nobody_known(): void
    {
        [$url, $handle] = $this->begin();
        $this->comeBack($this->consent($url, 'p-2043'), $handle);
        $this->withToken($this->arrive($handle)['session'])
            ->postJson('/device/live/saltlark/view')
            ->assertJsonPath('view.nodes.0.text', 'Good morning, Ines Okafor');
        $this->flushHeaders();
        self::assertSame(1, $this->people()->identities()->where('account', 1)->count());

        // Pia claims Marit's address, which nobody has verified: she is somebody else, without an address.
        [$url, $handle] = $this->begin();
        $this->comeBack($this->consent($url, 'p-2044'), $handle);
        $this->withToken($this->arrive($handle)['session'])
            ->postJson('/device/live/saltlark/view')
            ->assertJsonPath('view.nodes.0.text', 'Good morning, Pia Unproven');
        self::assertNull($this->people()->accounts()->orderByDesc('id')->firstOrFail()->email);
    }

    public function test_a_guest_who_comes_in_through_a_provider_keeps_what_is_theirs(): void
    {
        $token = $this->postJson('/device/live/saltlark/do', ['screen' => 'sign-in', 'at' => '/screens/14/lines/8'])->json('outcome.session');
        $guest = $this->people()->accounts()->where('guest', true)->firstOrFail();
        [$url, $handle] = $this->begin($token);
        $this->comeBack($this->consent($url, 'p-2042'), $handle);
        $this->arrive($handle);

        self::assertSame([$guest->person, false, 'emeka@brandt.example'], [$guest->refresh()->person, $guest->guest, $guest->email]);
    }

    public function test_who_comes_back_in_another_browser_is_asked_first(): void
    {
        [$url, $handle] = $this->begin();
        $back = substr($this->consent($url, 'p-2041'), strlen('http://localhost:8000'));
        $this->get($back)->assertOk()->assertSee('Did you begin this sign-in');
        self::assertSame(['waiting' => true], $this->arrive($handle));
        $this->withoutMiddleware(\Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class)
            ->post($back)
            ->assertOk()
            ->assertSee('You are signed in.')
            ->assertDontSee('Back to');
        self::assertArrayHasKey('session', $this->arrive($handle));
    }

    public function test_on_a_phone_the_page_leads_back_into_the_package(): void
    {
        [$url, $handle] = $this->begin();
        $back = substr($this->consent($url, 'p-2041'), strlen('http://localhost:8000'));
        $this->withoutMiddleware(\Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class)
            ->post($back, [], ['User-Agent' => 'Mozilla/5.0 (Linux; Android 15; Pixel 9) Chrome/130.0 Mobile'])
            ->assertOk()
            ->assertSee('<a class="button" href="com.saltlark.companion:/back">Back to Saltlark</a>', false);
        self::assertArrayHasKey('session', $this->arrive($handle));
    }

    public function test_no_and_made_up_returns_sign_nobody_in(): void
    {
        [$url, $handle] = $this->begin();
        $this->comeBack($this->consent($url, ''), $handle)->assertStatus(400)->assertSee('You said no');
        $this->get('/back/live/saltlark?code=abc&state=guess')->assertStatus(400)->assertSee('not begun here');
        $this->get('/back/live/saltlark')->assertStatus(400);
        $this->get('/back/live/nobody?state=x')->assertNotFound();
        // A code that Gatehouse has not given out.
        [$url, $handle] = $this->begin();
        parse_str((string) parse_url($url, PHP_URL_QUERY), $asked);
        $this->comeBack("http://localhost:8000/back/live/saltlark?code=abc&state={$asked['state']}", $handle)
            ->assertStatus(400)
            ->assertSee('does not accept the sign-in');
        self::assertSame(3, $this->people()->accounts()->count());
    }

    public function test_gatehouse_refuses_who_is_no_tester_and_addresses_that_are_not_registered(): void
    {
        $this->house->change(fn (House $h) => ($h->state['testing'] = true));
        [$url] = $this->begin();
        self::assertSame('', $this->consent($url, 'p-2042'));
        self::assertNotSame('', $this->consent($url, 'p-2041'));
        parse_str((string) parse_url($url, PHP_URL_QUERY), $asked);
        $elsewhere = $this->gatehouse->answer('GET', '/authorize', ['redirect_uri' => 'http://localhost:8000/back/live/saltlark/'] + $asked, [], '');
        self::assertSame(400, $elsewhere->status);
        self::assertStringContainsString('not registered', $elsewhere->body);
    }

    /**
     * Each rule of OpenID Connect Core 1.0, section 3.1.3.7 (3.1.3.6 for at_hash, 5.3.2 for userinfo), and what refuses it. @return iterable<string,
     * array{string, string}>
     */
    public static function broken(): iterable
    {
        yield 'rule 2: another issuer' => ['iss', 'comes from another provider'];
        yield 'rule 3: another audience' => ['aud', 'meant for another app'];
        yield 'rules 4 and 5: another party' => ['azp', 'made for another app'];
        yield 'rule 6: a key that is not the provider’s' => ['key', 'signature of the ID token is not right'];
        yield 'rule 6: a key that is not known' => ['kid', 'cannot be checked'];
        yield 'rule 7: not signed' => ['none', 'not signed by a key of the provider'];
        yield 'rule 8: signed with what everybody knows' => ['hmac', 'not signed by a key of the provider'];
        yield 'rule 9: no longer good' => ['exp', 'no longer good'];
        yield 'rule 10: issued too long ago' => ['old', 'too old'];
        yield 'rule 10: issued in the future' => ['future', 'comes from the future'];
        yield 'rule 11: the answer to another sign-in' => ['nonce', 'answers another sign-in'];
        yield 'nobody that it is about' => ['sub', 'does not say who'];
        yield 'another access token' => ['at_hash', 'do not belong together'];
        yield 'another person at userinfo' => ['userinfo', 'tells of another person'];
    }

    #[DataProvider('broken')]
    public function test_a_token_that_breaks_a_rule_lets_nobody_in(string $break, string $sentence): void
    {
        $this->house->change(fn (House $h) => ($h->state['break'] = $break));
        [$url, $handle] = $this->begin();
        $this->comeBack($this->consent($url, 'p-2041'), $handle)->assertStatus(400)->assertSee($sentence)->assertSee('nobody was signed in');

        self::assertSame(3, $this->people()->accounts()->count());
        self::assertArrayNotHasKey('session', $this->arrive($handle));
        self::assertSame(1, $this->people()->events()->where('what', 'like', 'refused an ID token%')->count());
    }

    public function test_clocks_may_differ_by_two_minutes_and_no_more(): void
    {
        foreach ([-100 => true, 100 => true, -900 => false, 600 => false] as $skew => $in) {
            $this->house->change(fn (House $h) => ($h->state['skew'] = $skew));
            [$url, $handle] = $this->begin();
            $this->comeBack($this->consent($url, 'p-2041'), $handle);
            self::assertSame($in, isset($this->arrive($handle)['session']), "$skew seconds");
        }
    }

    public function test_the_proof_key_is_that_of_rfc_7636_appendix_b(): void
    {
        // RFC 7636, appendix B.
        $this->house->change(
            fn (House $h) => ($h->state['codes']['c'] = [
                'until' => time() + 60,
                'client' => 'saltlark-live',
                'redirect' => 'r',
                'nonce' => 'n',
                'challenge' => 'E9Melhoa2OwvFrEMTJguCHaoeK1t8URWbuGJSstw-cM',
                'person' => 'p-2041',
            ]),
        );
        $ask = fn (string $verifier): int => $this->gatehouse->answer(
            'POST',
            '/token',
            [],
            [
                'client_id' => 'saltlark-live',
                'client_secret' => 'practice-secret-for-live',
                'code' => 'c',
                'redirect_uri' => 'r',
                'code_verifier' => $verifier,
            ],
            '',
        )->status;
        self::assertSame(200, $ask('dBjftJeZ4CVP-mB92K27uhbUJU1p1r_wW1gFWFOEjXk'));
        self::assertSame(400, $ask('dBjftJeZ4CVP-mB92K27uhbUJU1p1r_wW1gFWFOEjXk'));

        $known = IdentityProvider::query()->where('dataset', 'live')->firstOrFail();
        $begun = Provider::at($known, 'http://localhost:8000/back/live/saltlark')->begin();
        parse_str((string) parse_url($begun['url'], PHP_URL_QUERY), $asked);
        self::assertMatchesRegularExpression('/^[A-Za-z0-9._~-]{43,128}$/', $begun['verifier']);
        self::assertSame(rtrim(strtr(base64_encode(hash('sha256', $begun['verifier'], true)), '+/', '-_'), '='), $asked['code_challenge']);
    }

    public function test_the_signed_example_of_rfc_7515_appendix_a_2_is_read(): void
    {
        $key = [
            'kty' => 'RSA',
            'n' => 'ofgWCuLjybRlzo0tZWJjNiuSfb4p4fAkd_wWJcyQoTbji9k0l8W26mPddxHmfHQp-Vaw-4qPCJrcS2mJPMEzP1Pt0Bm4d4QlL-yRT-SFd2lZS-'
                .'pCgNMsD1W_YpRPEwOWvG6b32690r2jZ47soMZo9wGzjb_7OMg0LOL-bSf63kpaSHSXndS5z5rexMdbBYUsLA9e-KXBdQOS-UTo7WTBEMa2R2Ca'
                .'pHg665xsmtdVMTBQY4uDZlxvb3qCo5ZwKh9kG4LT6_I5IhlJH7aGhyxXFvUK-DWNmoudF8NAco9_h9iaGNj8q2ethFkMLs91kzk2PAcDTW9gb5'
                .'4h4FRWyuXpoQ',
            'e' => 'AQAB',
        ];
        $token =
            'eyJhbGciOiJSUzI1NiJ9.eyJpc3MiOiJqb2UiLA0KICJleHAiOjEzMDA4MTkzODAsDQogImh0dHA6Ly9leGFtcGxlLmNvbS9pc19yb290Ijp0c'
                .'nVlfQ.cC4hiUPoj9Eetdgtv3hF80EGrhuB__dzERat0XF9g2VtQgr9PJbu3XOiZj5RZmh7AAuHIm4Bh-0Qc_lF5YKt_O8W2Fp5jujGbds9uJdb'
                .'F9CUAr7t1dnZcAcQjbKBYNX4BAynRFdiuB--f_nZLgrnbyTyWzO75vRK5h6xBArLIARNPvkSjtQBMHlb1L07Qe7K0GarZRmB_eSN9383LcOLn6'
                .'_dO--xi12jzDwusC-eOkHWEsqtFZESc6BfI7noOPqvhJ1phCnvWh6IeYI2w9QOYEUipUTI8np6LbgGY9Fs98rqVt5AXLIhWkWywlVmtVrBp0ig'
                .'cN_IoypGlUPQGe77Rw';
        $rule = function (string $token, int $now) use ($key): string {
            try {
                (new IdToken(['keys' => [$key]], 'joe', 'client'))->claims($token, 'n', $now);
            } catch (TokenRefused $refused) {
                return $refused->rule;
            }

            return '';
        };

        // Its signature is right and its issuer is joe; it says nothing of an audience. Afterwards it is over (RFC 7519, section 4.1.4).
        self::assertSame('aud', $rule($token, 1300819000));
        self::assertSame('exp', $rule($token, 1300819380 + IdToken::SKEW + 1));
        self::assertSame('signature', $rule(str_replace('cC4h', 'cC4i', $token), 1300819000));
        // RFC 7519, section 6.1: a token that says of itself that it needs no signature.
        self::assertSame(
            'alg',
            $rule('eyJhbGciOiJub25lIn0.eyJpc3MiOiJqb2UiLA0KICJleHAiOjEzMDA4MTkzODAsDQogImh0dHA6Ly9leGFtcGxlLmNvbS9pc19yb290Ijp0cnVlfQ.', 1300819000),
        );
        self::assertSame('form', $rule('no token', 0));
    }

    public function test_a_second_library_agrees_on_every_token(): void
    {
        $tokens = [];
        foreach (House::BREAKS as $break) {
            $this->house->change(function (House $h) use ($break): void {
                $h->state['break'] = $break;
                $h->state['codes']['c'] = [
                    'until' => time() + 60,
                    'client' => 'saltlark-live',
                    'redirect' => 'r',
                    'nonce' => 'n',
                    'challenge' => 'E9Melhoa2OwvFrEMTJguCHaoeK1t8URWbuGJSstw-cM',
                    'person' => 'p-2041',
                ];
            });
            $answer = json_decode(
                $this->gatehouse->answer(
                    'POST',
                    '/token',
                    [],
                    [
                        'client_id' => 'saltlark-live',
                        'client_secret' => 'practice-secret-for-live',
                        'code' => 'c',
                        'redirect_uri' => 'r',
                        'code_verifier' => 'dBjftJeZ4CVP-mB92K27uhbUJU1p1r_wW1gFWFOEjXk',
                    ],
                    '',
                )->body,
                true,
            );
            $tokens[$break] = $answer['id_token'];
        }
        $keys = json_decode($this->gatehouse->answer('GET', '/jwks', [], [], '')->body, true);
        $input = json_encode(
            ['keys' => $keys, 'tokens' => $tokens, 'issuer' => $this->issuer, 'audience' => 'saltlark-live', 'tolerance' => IdToken::SKEW, 'oldest' => 600],
            JSON_THROW_ON_ERROR,
        );
        $theirs = json_decode(
            Process::path(base_path())
                ->input($input)
                ->run(['node', 'tests/reference/jose.mjs'])
                ->throw()
                ->output(),
            true,
        );
        // What the library judges: signature, algorithm, key, issuer, audience, times. The rest is ours alone.
        foreach (array_diff(House::BREAKS, ['nonce', 'at_hash', 'userinfo', 'azp']) as $break) {
            try {
                (new IdToken($keys, $this->issuer, 'saltlark-live'))->claims($tokens[$break], 'n', time());
                $ours = true;
            } catch (TokenRefused) {
                $ours = false;
            }
            self::assertSame($theirs[$break], $ours, "broken: $break");
        }
        self::assertTrue($theirs['']);
    }

    public function test_the_founder_is_told_whether_the_provider_knows_the_app(): void
    {
        $this->actingAs($this->founderOf($this->demo));
        $path = "/api/apps/{$this->demo->id}/providers";
        $answer = $this->getJson($path)
            ->assertOk()
            ->assertJsonPath('providers.0.state', 'Not checked yet.')
            ->assertJsonPath('providers.1.address', 'http://localhost:8000/back/live/saltlark');
        self::assertMeets('studio', (string) $answer->getContent(), 'ProviderStates');
        self::assertStringNotContainsString('practice-secret', (string) $answer->getContent());
        $this->postJson("$path/live", ['name' => 'Gatehouse'])->assertJsonPath('providers.1.good', true);
        $this->postJson("$path/live", ['name' => 'Gatehouse', 'issuer' => $this->issuer, 'client' => 'saltlark-live', 'secret' => 'wrong'])->assertJsonPath(
            'providers.1.state',
            'Gatehouse does not know this client by this secret.',
        );
        $this->house->change(fn (House $h) => ($h->state['clients']['saltlark-live']['redirects'] = ['http://localhost:8000/back/live/saltlark?x=1']));
        $this->postJson("$path/live", [
            'name' => 'Gatehouse',
            'issuer' => $this->issuer,
            'client' => 'saltlark-live',
            'secret' => 'practice-secret-for-live',
        ])->assertJsonPath('providers.1.good', false);
        $this->postJson("$path/live", ['name' => 'Gatehouse', 'issuer' => 'nowhere', 'client' => 'x'])->assertUnprocessable();
        $this->postJson("$path/live", ['name' => 'Gatehouse', 'issuer' => 'http://192.168.1.1/', 'client' => 'x'])
            ->assertOk()
            ->assertJsonPath('providers.1.good', false);
        self::assertStringNotContainsString('practice-secret', (string) json_encode(IdentityProvider::query()->get()->toArray()));
    }

    public function test_a_new_address_of_the_app_is_a_finding(): void
    {
        $this->actingAs($this->founderOf($this->demo));
        $this->postJson("/api/apps/{$this->demo->id}/providers/live", ['name' => 'Gatehouse'])->assertJsonPath('providers.1.good', true);
        config(['app.url' => 'https://saltlark.example']);
        $found = array_values(
            array_filter($this->getJson("/api/apps/{$this->demo->id}")->json('findings'), fn (array $f): bool => $f['rule'] === 'ProviderMoved'),
        );

        self::assertSame([true, 'people', '/signIn/ways/3'], [$found[0]['blocks'], $found[0]['station'], $found[0]['at']]);
    }
}
