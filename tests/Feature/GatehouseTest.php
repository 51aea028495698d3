<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Standins\Answer;
use Standins\Box;
use Standins\Gatehouse\Gatehouse;
use Standins\Gatehouse\House;

/** Gatehouse by RFC 6749, RFC 7636 and OpenID Connect: what it gives, and what it refuses. */
final class GatehouseTest extends TestCase
{
    private const ASKED = [
        'client_id' => 'saltlark-live',
        'redirect_uri' => 'http://lanai.example/back/live/saltlark',
        'response_type' => 'code',
        'scope' => 'openid email',
        'state' => 's',
        'nonce' => 'n',
        'code_challenge' => 'E9Melhoa2OwvFrEMTJguCHaoeK1t8URWbuGJSstw-cM',
        'code_challenge_method' => 'S256',
    ];

    private const VERIFIER = 'dBjftJeZ4CVP-mB92K27uhbUJU1p1r_wW1gFWFOEjXk';

    private string $folder;

    private House $house;

    private Gatehouse $gatehouse;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/lanai-gatehouse-'.bin2hex(random_bytes(4));
        $this->house = new House($this->folder, 'http://lanai.example/');
        $this->gatehouse = new Gatehouse($this->house, 'http://gate.example/gatehouse', 'k');
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        @rmdir($this->folder);
    }

    private function code(string $person = 'p-2041'): string
    {
        parse_str((string) parse_url($this->post('/authorize', self::ASKED + ['person' => $person])->headers['Location'], PHP_URL_QUERY), $back);

        return (string) $back['code'];
    }

    /** @param  array<string, mixed>  $form */
    private function post(string $path, array $form, string $authorization = ''): Answer
    {
        return $this->gatehouse->answer('POST', $path, [], $form, $authorization);
    }

    /** @param  array<string, mixed>  $with */
    private function exchange(array $with = [], string $authorization = ''): Answer
    {
        return $this->post(
            '/token',
            $with + [
                'grant_type' => 'authorization_code',
                'code' => $this->code(),
                'redirect_uri' => self::ASKED['redirect_uri'],
                'client_id' => 'saltlark-live',
                'client_secret' => 'practice-secret-for-live',
                'code_verifier' => self::VERIFIER,
            ],
            $authorization,
        );
    }

    public function test_it_describes_itself_under_the_address_that_it_is_known_by(): void
    {
        $told = json_decode($this->gatehouse->answer('GET', '/.well-known/openid-configuration', [], [], '')->body, true);
        self::assertSame('http://gate.example/gatehouse', $told['issuer']);
        foreach (['authorization_endpoint', 'token_endpoint', 'jwks_uri', 'userinfo_endpoint'] as $place) {
            self::assertStringStartsWith("{$told['issuer']}/", $told[$place]);
        }
        $keys = fn (): array => json_decode($this->gatehouse->answer('GET', '/jwks', [], [], '')->body, true)['keys'];
        self::assertSame($keys(), $keys());
        // Nothing of the private half (RFC 7518, section 6.3.2).
        self::assertSame([], array_intersect_key($keys()[0], array_flip(['d', 'p', 'q', 'dp', 'dq', 'qi'])));
    }

    public function test_a_person_is_asked_and_led_back_with_a_code_and_the_state(): void
    {
        $page = $this->gatehouse->answer('GET', '/authorize', self::ASKED, [], '')->body;
        foreach (House::PEOPLE as $person) {
            self::assertStringContainsString($person['name'], $page);
        }
        self::assertStringContainsString('value="n"', $page);
        self::assertMatchesRegularExpression(
            '~^http://lanai\.example/back/live/saltlark\?code=[\w-]{32}&state=s$~',
            $this->post('/authorize', self::ASKED + ['person' => 'p-2041'])->headers['Location'],
        );
        self::assertStringEndsWith(
            '?error=access_denied&error_description=The+person+said+no.&state=s',
            $this->post('/authorize', self::ASKED + ['person' => ''])->headers['Location'],
        );
    }

    public function test_a_wrong_client_or_address_is_never_led_back_to(): void
    {
        foreach (
            [
                ['client_id' => 'nobody'],
                ['redirect_uri' => 'http://evil.example/'],
                ['redirect_uri' => self::ASKED['redirect_uri'].'?x=1'],
                ['redirect_uri' => self::ASKED['redirect_uri'].'/'],
                ['redirect_uri' => ''],
            ] as $wrong
        ) {
            foreach (['GET', 'POST'] as $method) {
                $answer = $this->gatehouse->answer($method, '/authorize', $wrong + self::ASKED, $wrong + self::ASKED + ['person' => 'p-2041'], '');
                self::assertSame([400, false], [$answer->status, isset($answer->headers['Location'])], json_encode($wrong)." by $method");
            }
        }
        self::assertStringNotContainsString(
            '<script>',
            $this->gatehouse->answer('GET', '/authorize', ['client_id' => '<script>'] + self::ASKED, [], '')->body,
        );
    }

    public function test_what_is_missing_is_told_to_the_app(): void
    {
        foreach ([['response_type' => 'token'], ['scope' => 'email'], ['code_challenge_method' => 'plain'], ['code_challenge' => 'short']] as $wrong) {
            self::assertStringContainsString(
                '?error=invalid_request',
                $this->gatehouse->answer('GET', '/authorize', $wrong + self::ASKED, [], '')->headers['Location'] ?? '',
                (string) json_encode($wrong),
            );
        }
    }

    public function test_a_code_is_good_once_for_its_client_its_address_and_its_proof(): void
    {
        $code = $this->code();
        self::assertSame(200, $this->exchange(['code' => $code])->status);
        self::assertSame(
            [400, 'invalid_grant'],
            [$this->exchange(['code' => $code])->status, json_decode($this->exchange(['code' => $code])->body, true)['error']],
        );
        self::assertSame(400, $this->exchange(['redirect_uri' => 'http://lanai.example/'])->status);
        self::assertSame(400, $this->exchange(['code_verifier' => strrev(self::VERIFIER)])->status);
        self::assertSame(400, $this->exchange(['code_verifier' => ''])->status);
        self::assertSame(400, $this->exchange(['client_id' => 'saltlark-sandbox', 'client_secret' => 'practice-secret-for-the-sandbox'])->status);
        $old = $this->code();
        $this->house->change(fn (House $h) => ($h->state['codes'][$old]['until'] = time() - 1));
        self::assertSame(400, $this->exchange(['code' => $old])->status);
    }

    public function test_a_client_shows_its_secret_in_the_form_or_as_basic_authorization(): void
    {
        $basic = fn (string $pair): string => 'Basic '.base64_encode($pair);
        self::assertSame(200, $this->exchange(['client_secret' => ''], $basic('saltlark-live:practice-secret-for-live'))->status);
        self::assertSame(
            [401, 'invalid_client'],
            [$this->exchange([], $basic('saltlark-live:wrong'))->status, json_decode($this->exchange(['client_secret' => 'wrong'])->body, true)['error']],
        );
        self::assertSame(401, $this->exchange([], 'Basic !!!')->status);
    }

    public function test_who_has_an_access_token_is_told_about_its_person_only(): void
    {
        $access = json_decode($this->exchange(['code' => $this->code('p-2044')])->body, true)['access_token'];
        $told = json_decode($this->gatehouse->answer('GET', '/userinfo', [], [], "Bearer $access")->body, true);
        self::assertSame(['p-2044', 'Pia Unproven', false], [$told['sub'], $told['name'], $told['email_verified']]);
        self::assertSame(
            [401, 401],
            [$this->gatehouse->answer('GET', '/userinfo', [], [], 'Bearer no')->status, $this->gatehouse->answer('GET', '/userinfo', [], [], '')->status],
        );
        $picture = $this->gatehouse->answer('GET', (string) substr((string) parse_url($told['picture'], PHP_URL_PATH), strlen('/gatehouse')), [], [], '');
        self::assertSame([96, 96, IMAGETYPE_PNG], array_slice((array) getimagesizefromstring($picture->body), 0, 3));
        self::assertSame(404, $this->gatehouse->answer('GET', '/pictures/p-9.png', [], [], '')->status);
    }

    public function test_the_desk_registers_apps_and_sets_its_switches(): void
    {
        $this->post('/', ['new' => '1', 'name' => 'Moor <walks>']);
        $id = array_key_last($this->house->state['clients']);
        self::assertSame(['Moor <walks>', []], [$this->house->state['clients'][$id]['name'], $this->house->state['clients'][$id]['redirects']]);
        $this->post('/', ['client' => $id, 'redirects' => " http://a.example/back \n\nhttp://b.example/back"]);
        self::assertSame(['http://a.example/back', 'http://b.example/back'], $this->house->state['clients'][$id]['redirects']);
        $this->post('/', ['client' => 'nobody', 'redirects' => 'http://evil.example/']);
        self::assertArrayNotHasKey('nobody', $this->house->state['clients']);
        $this->post('/', ['switches' => '1', 'testing' => '1', 'testers' => 'a@lanai.example', 'break' => 'aud', 'skew' => '9999999']);
        self::assertSame(
            [true, ['a@lanai.example'], 'aud', 86400],
            [$this->house->state['testing'], $this->house->state['testers'], $this->house->state['break'], $this->house->state['skew']],
        );
        $this->post('/', ['switches' => '1', 'break' => 'everything']);
        self::assertSame([false, ''], [$this->house->state['testing'], $this->house->state['break']]);
        $desk = $this->gatehouse->answer('GET', '/', [], [], '')->body;
        self::assertStringContainsString('Moor &lt;walks&gt;', $desk);
        self::assertSame(
            401,
            (new Gatehouse($this->house, 'http://gate.example/gatehouse'))->answer('GET', '/', [], [], '')->status,
            'Without a key the desk is closed.',
        );
        $mine = Box::opened(hash('sha256', 'mine'));
        $theirs = House::of($this->folder, 'http://lanai.example', $mine, Box::ofDemo('s'), '');
        (new Gatehouse($theirs, 'http://gate.example/gatehouse', $mine->key))->answer('POST', '/', [], ['new' => '1', 'name' => 'Theirs'], '');
        $client = (string) array_key_last($theirs->state['clients']);
        self::assertSame(
            [1, 'Theirs'],
            [
                count($theirs->state['clients']),
                House::of($this->folder, 'http://lanai.example', Box::named(''), Box::ofDemo('s'), $client)->state['clients'][$client]['name'],
            ],
        );
        self::assertArrayNotHasKey($client, (new House($this->folder, 'http://lanai.example'))->state['clients']);
        // It is there again after a restart.
        self::assertArrayHasKey($id, (new House($this->folder, 'http://lanai.example'))->state['clients']);
    }
}
