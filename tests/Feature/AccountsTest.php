<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Jobs\SendLetters;
use App\Jobs\SendNotice;
use App\Models\App;
use App\People\AccountDesk;
use App\People\People;
use App\Records\DataSet;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use Lanai\Core\Rows\Refused;
use Tests\TestCase;

/** Accounts of the demo's people over HTTP: in, out, codes, passwords, sessions and leaving. */
final class AccountsTest extends TestCase
{
    private App $demo;

    private string $token = '';

    private string $pending = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        Queue::fake([SendNotice::class]);
    }

    private function people(): People
    {
        return new People($this->demo, DataSet::Live, $this->demo->revision->read());
    }

    /** @param  array<string, mixed>  $inputs */
    private function tap(string $screen, string $label, array $inputs = [], array $more = []): TestResponse
    {
        $blueprint = $this->demo->revision->read();
        $index = $blueprint->screenIndex($screen) ?? self::fail($screen);
        foreach ($blueprint->screens[$index]->lines() as $i => $line) {
            if (($line->label ?? '') === $label || ($line->text ?? '') === $label) {
                $answer = $this->withHeaders($this->token === '' ? [] : ['Authorization' => "Bearer $this->token"])->postJson(
                    '/device/live/saltlark/do',
                    [
                        'screen' => $blueprint->screens[$index]->slug(),
                        'at' => "/screens/$index/lines/$i",
                        'inputs' => $inputs,
                        'pending' => $this->pending,
                        'tap' => bin2hex(random_bytes(8)),
                    ] + $more,
                );
                self::assertMeets('view', (string) $answer->assertOk()->getContent());
                $this->token = $answer->json('session') ?? ($answer->json('outcome.session') ?? $this->token);
                $this->pending = $answer->json('outcome.pending') ?? $this->pending;
                $this->flushHeaders();

                return $answer;
            }
        }
        self::fail("$screen has no “{$label}”.");
    }

    /** @return array<string, mixed> */
    private function see(string $screen): array
    {
        $answer = $this->withHeaders($this->token === '' ? [] : ['Authorization' => "Bearer $this->token"])
            ->postJson('/device/live/saltlark/view', ['screen' => $screen])
            ->assertOk();
        $this->token = $answer->json('session') ?? $this->token;
        $this->flushHeaders();

        return $answer->json('view');
    }

    /** The code in the newest letter to an address; '' where the letter holds none. */
    private function code(string $email): string
    {
        $jobs = array_values(
            array_filter(Queue::pushed(SendNotice::class)->all(), fn (SendNotice $job): bool => (fn (): string => $this->email)->call($job) === $email),
        );
        $about = $jobs === [] ? self::fail("No letter to $email.") : (fn (): string => $this->about)->call($jobs[count($jobs) - 1]);

        return preg_match('/^(\d{6}) /', $about, $found) ? $found[1] : '';
    }

    private function signUp(string $email = 'zoe@arden.example', string $name = 'Zoe Arden'): void
    {
        $this->tap('Sign up', 'Make my account', ['name' => $name, 'eMail' => $email, 'password' => 'three grey seals swim'])->assertJsonPath(
            'outcome.go.screen',
            'code',
        );
        $this->tap('Code', 'Go on', ['code' => $this->code($email)])->assertJsonPath('outcome.refused', '');
    }

    public function test_somebody_signs_up_by_a_code_and_begins_as_a_swimmer(): void
    {
        $this->signUp();

        self::assertSame('Good morning, Zoe Arden', $this->see('')['nodes'][0]['text']);
        $account = $this->people()->accounts()->where('email', 'zoe@arden.example')->firstOrFail();
        $row = $this->people()
            ->store()
            ->byIds($this->people()->table(), [$account->person])[$account->person];
        self::assertSame(
            ['Zoe Arden', 'Swimmer', true, true],
            [$row->values['name'], $row->values['role'], $row->values['joined'] !== null, $row->values['last_here'] !== null],
        );
        self::assertStringStartsWith('$argon2id$', (string) $account->password);
        self::assertStringNotContainsString('arden.example', (string) json_encode($this->see('profile')));
    }

    public function test_nobody_hears_from_the_app_whether_an_address_is_known(): void
    {
        $known = $this->tap('Sign up', 'Make my account', ['name' => 'X', 'eMail' => 'ines@okafor.example', 'password' => 'three grey seals swim'])->json(
            'outcome',
        );
        $unknown = $this->tap('Sign up', 'Make my account', ['name' => 'X', 'eMail' => 'nobody@lanai.example', 'password' => 'three grey seals swim'])->json(
            'outcome',
        );
        self::assertSame(array_diff_key($known, ['pending' => 0]), array_diff_key($unknown, ['pending' => 0]));
        self::assertSame('', $this->code('ines@okafor.example'));
        self::assertSame(
            $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => 'wrong'])->json('outcome.refused'),
            $this->tap('Sign in', 'Sign in', ['eMail' => 'no@lanai.example', 'password' => 'wrong'])->json('outcome.refused'),
        );
        // Nor does the letter's code: none is right for an address that is known.
        $this->tap('Sign up', 'Make my account', ['name' => 'X', 'eMail' => 'ines@okafor.example', 'password' => 'three grey seals swim']);
        $this->tap('Code', 'Go on', ['code' => '000000'])->assertJsonPath('outcome.refused', 'This code is not right. You can try 4 more times.');
    }

    public function test_a_code_stands_five_tries_ten_minutes_and_one_use(): void
    {
        $this->freezeTime();
        $this->tap('Sign in', 'Send me a code instead', ['eMail' => 'ines@okafor.example']);
        $code = $this->code('ines@okafor.example');
        $wrong = $code === '111111' ? '222222' : '111111';
        foreach ([4, 3, 2] as $left) {
            $this->tap('Code', 'Go on', ['code' => $wrong])->assertJsonPath('outcome.refused', "This code is not right. You can try $left more times.");
        }
        $this->tap('Code', 'Go on', ['code' => $wrong])->assertJsonPath('outcome.refused', 'This code is not right. You can try 1 more time.');
        $this->tap('Code', 'Go on', ['code' => $wrong])->assertJsonPath('outcome.refused', 'This code is not right. Please ask for a new one.');
        $this->tap('Code', 'Go on', ['code' => $code])->assertJsonPath('outcome.refused', 'That was wrong too often. Please ask for a new code.');

        $this->tap('Code', 'Send it again')->assertJsonPath('outcome.refused', 'Please wait 30 seconds before the next letter.');
        $this->travel(31)->seconds();
        $this->tap('Code', 'Send it again')->assertJsonPath('outcome.refused', '');
        $again = $this->code('ines@okafor.example');
        $this->travel(601)->seconds();
        $this->tap('Code', 'Go on', ['code' => $again])->assertJsonPath('outcome.refused', 'This code is too old. Please ask for a new one.');
        $this->travelBack();

        $this->tap('Sign in', 'Send me a code instead', ['eMail' => 'ines@okafor.example']);
        $handle = $this->pending;
        $this->tap('Code', 'Go on', ['code' => implode(' ', str_split($this->code('ines@okafor.example'), 3))])->assertJsonPath(
            'outcome.arrives',
            'requests',
        );
        $this->pending = $handle;
        $this->tap('Code', 'Go on', ['code' => $this->code('ines@okafor.example')])->assertJsonPath(
            'outcome.refused',
            'Please begin again: nothing waits for a code here.',
        );
    }

    public function test_a_thousand_wrong_passwords_let_nobody_in_and_keep_nobody_out(): void
    {
        $password = (string) config('lanai.demo_people_password');
        $from = fn (string $address): self => $this->withServerVariables(['REMOTE_ADDR' => $address]);
        $from('198.51.100.7');
        $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => $password])->assertJsonPath('outcome.refused', '');
        $this->token = '';
        $in = 0;
        for ($n = 0; $n < 1000; $n++) {
            $from('203.0.113.'.$n % 250);
            $answer = $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => "guess $n"]);
            $in += $answer->json('outcome.refused') === '' ? 1 : 0;
        }
        self::assertSame(0, $in);
        // Even the right password is not heard from there any more.
        self::assertStringStartsWith(
            'That was tried too often. Please wait',
            (string) $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => $password])->json('outcome.refused'),
        );
        // Where she was before, she gets in at once; and anywhere by a code.
        $from('198.51.100.7');
        $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => $password])->assertJsonPath('outcome.refused', '');
        self::assertSame('Good morning, Ines Okafor', $this->see('')['nodes'][0]['text']);
        $this->token = '';
        $from('192.0.2.44');
        $this->tap('Sign in', 'Send me a code instead', ['eMail' => 'ines@okafor.example']);
        $this->tap('Code', 'Go on', ['code' => $this->code('ines@okafor.example')])->assertJsonPath('outcome.refused', '');
        self::assertSame(100, $this->people()->events()->where('what', 'wrong password')->count());
    }

    public function test_passwords_that_are_too_easy_are_refused_in_a_sentence(): void
    {
        foreach (
            [
                'short' => 'at least 10',
                'password1234567890' => '',
                'qwertyuiop' => 'many people use',
                'zoe@arden.example' => 'your address',
            ] as $password => $word
        ) {
            $refused = (string) $this->tap('Sign up', 'Make my account', ['name' => 'Zoe', 'eMail' => 'zoe@arden.example', 'password' => $password])->json(
                'outcome.refused',
            );
            self::assertStringContainsString($word, $refused);
            self::assertSame($word === '', $refused === '', $password);
        }
    }

    public function test_a_guest_becomes_an_account_and_keeps_what_is_theirs(): void
    {
        $this->tap('Sign in', 'Look around as a guest')->assertJsonPath('outcome.arrives', 'upcoming');
        $book = $this->withToken($this->token)
            ->postJson('/device/live/saltlark/do', ['screen' => 'swim', 'args' => [1], 'at' => '/screens/1/lines/6', 'inputs' => ['name' => 'Z']])
            ->assertJsonPath('outcome.done', true);
        self::assertMeets('view', (string) $book->getContent());
        $this->flushHeaders();
        self::assertCount(1, $this->see('mine')['nodes'][0]['items']);
        self::assertStringContainsString('as a guest', $this->see('account')['nodes'][0]['text']);
        $this->signUp();

        self::assertSame('Good morning, Zoe Arden', $this->see('')['nodes'][0]['text']);
        self::assertCount(1, $this->see('mine')['nodes'][0]['items']);
        self::assertSame(0, $this->people()->accounts()->where('guest', true)->count());
    }

    public function test_a_password_is_set_with_the_old_one_or_after_a_code_and_ends_other_sessions(): void
    {
        $old = (string) config('lanai.demo_people_password');
        $this->asPerson($this->demo, 'tomas@lindqvist.example');
        $this->flushHeaders();
        $this->tap('Sign in', 'Sign in', ['eMail' => 'tomas@lindqvist.example', 'password' => $old]);
        $this->tap('Account', 'Set it', ['soFar' => 'wrong', 'newOne' => 'four brown otters rest'])->assertJsonPath(
            'outcome.refused',
            'Your present password is not right.',
        );
        $this->tap('Account', 'Set it', ['soFar' => $old, 'newOne' => 'short'])->assertJsonPath('outcome.done', false);
        self::assertSame(2, $this->people()->sessions()->count());
        $this->tap('Account', 'Set it', ['soFar' => $old, 'newOne' => 'four brown otters rest'])->assertJsonPath('outcome.done', true);
        self::assertSame(1, $this->people()->sessions()->count());
        $this->token = '';
        $this->tap('Sign in', 'Sign in', ['eMail' => 'tomas@lindqvist.example', 'password' => $old])->assertJsonPath(
            'outcome.refused',
            'This address and password do not belong together.',
        );
        $this->tap('Sign in', 'Sign in', ['eMail' => 'TOMAS@lindqvist.example ', 'password' => 'four brown otters rest'])->assertJsonPath(
            'outcome.refused',
            '',
        );

        $this->token = '';
        $this->tap('Sign in', 'Send me a code instead', ['eMail' => 'tomas@lindqvist.example']);
        $this->tap('Code', 'Go on', ['code' => $this->code('tomas@lindqvist.example')]);
        $this->tap('Account', 'Set it', ['newOne' => 'five white gulls stand'])->assertJsonPath('outcome.done', true);
        $this->travel(11)->minutes();
        $this->tap('Account', 'Set it', ['newOne' => 'six black coots dive'])->assertJsonPath('outcome.refused', 'Your present password is not right.');
    }

    public function test_tokens_are_kept_as_hashes_renewed_and_a_copied_one_ends_the_session(): void
    {
        $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => (string) config('lanai.demo_people_password')]);
        $first = $this->token;
        self::assertMatchesRegularExpression('/^[A-Za-z0-9_-]{43}$/', $first);
        self::assertSame(hash('sha256', $first), $this->people()->sessions()->firstOrFail()->token);
        self::assertStringNotContainsString($first, (string) file_get_contents((new \App\Records\DataFile($this->demo, DataSet::Live))->path));
        $this->see('');
        self::assertSame($first, $this->token);

        $this->travel(16)->minutes();
        $this->see('');
        self::assertNotSame($first, $this->token);
        $second = $this->token;
        // Requests overlap: the one before is still good until the new one was used, and a minute after.
        $this->token = $first;
        self::assertSame('Good morning, Ines Okafor', $this->see('')['nodes'][0]['text']);
        self::assertSame($first, $this->token);
        // Where the new one is long on its way, another takes its place.
        $this->travel(11)->seconds();
        self::assertSame('Good morning, Ines Okafor', $this->see('')['nodes'][0]['text']);
        self::assertNotSame($first, $this->token);
        $third = $this->token;
        $this->see('');
        $this->travel(2)->minutes();
        $this->token = $first;
        self::assertSame('text', $this->see('')['nodes'][0]['kind']);
        self::assertSame('', $this->token);
        $this->token = $third;
        self::assertSame('text', $this->see('')['nodes'][0]['kind']);
        self::assertSame(1, $this->people()->events()->where('what', 'like', 'an old token%')->count());
        self::assertNotSame($second, $third);
    }

    public function test_sessions_end_by_signing_out_and_by_time(): void
    {
        $password = (string) config('lanai.demo_people_password');
        $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => $password]);
        $this->tap('Account', 'Sign out')->assertJsonPath('outcome.session', '');
        self::assertSame(0, $this->people()->sessions()->count());
        $this->asPerson($this->demo, 'ines@okafor.example');
        $this->flushHeaders();
        $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => $password]);
        $this->tap('Account', 'Sign out on all devices');
        self::assertSame(0, $this->people()->sessions()->count());
        $this->tap('Sign in', 'Sign in', ['eMail' => 'ines@okafor.example', 'password' => $password]);
        $this->travel(31)->days();
        self::assertSame('text', $this->see('')['nodes'][0]['kind']);
    }

    public function test_one_takes_ones_data_along_and_nobody_elses(): void
    {
        $this->postJson('/device/live/saltlark/mine')->assertUnauthorized();
        $this->asPerson($this->demo, 'tomas@lindqvist.example');
        $mine = $this->postJson('/device/live/saltlark/mine')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="my-data.json"')->json();

        self::assertSame(['tomas@lindqvist.example', 'Tomas Lindqvist'], [$mine['account']['email'], $mine['person']['Name']]);
        self::assertSame(['Bookings', 'Comments', 'Orders', 'Posts', 'Swims'], collect($mine['rows'])->keys()->sort()->values()->all());
        self::assertSame(['Tomas Lindqvist'], array_values(array_unique(array_column($mine['rows']['Bookings'], 'Name'))));
        self::assertStringNotContainsString('argon2id', (string) json_encode($mine));
        self::assertStringNotContainsString('okafor', (string) json_encode($mine));
    }

    public function test_an_account_is_deleted_with_what_belongs_to_it(): void
    {
        $store = $this->people()->store();
        $count = fn (string $table): int => $store->count(new Query($this->demo->revision->read()->table($table) ?? self::fail($table)));
        $places = fn (): int => array_sum(
            array_map(fn (Row $r): int => (int) $r->values['places'], $store->rows(new Query($this->demo->revision->read()->table('Swims') ?? self::fail()))),
        );
        [$bookings, $posts, $before] = [$count('Bookings'), $count('Posts'), $places()];
        $this->tap('Sign in', 'Sign in', ['eMail' => 'tomas@lindqvist.example', 'password' => (string) config('lanai.demo_people_password')]);
        $asked = $this->tap('Account', 'Delete my account');
        $this->tap('Account', 'Delete my account', more: ['confirmed' => [$asked->json('outcome.confirm.at')]])
            ->assertJsonPath('outcome.done', true)
            ->assertJsonPath('outcome.session', '');

        self::assertSame(0, $this->people()->accounts()->where('email', 'tomas@lindqvist.example')->count());
        self::assertSame([$bookings - 7, $posts], [$count('Bookings'), $count('Posts')]);
        // The places that he held are free again, those of the past and of requests are none.
        self::assertSame($before + 5, $places());
        self::assertSame(0, $this->people()->events()->where('account', 2)->count());
        $this->tap('Sign in', 'Sign in', ['eMail' => 'tomas@lindqvist.example', 'password' => (string) config('lanai.demo_people_password')])->assertJsonPath(
            'outcome.refused',
            'This address and password do not belong together.',
        );
        self::assertContains('Somebody', array_column($this->see('feed')['nodes'][0]['items'], 'title'));
    }

    public function test_a_role_is_asked_for_granted_and_told(): void
    {
        $this->tap('Sign in', 'Sign in', ['eMail' => 'tomas@lindqvist.example', 'password' => (string) config('lanai.demo_people_password')]);
        $this->tap('Offer', 'Ask to be a host')->assertJsonPath('outcome.say.0', 'You have asked to be a Host. You will hear from us.');
        $this->actingAs($this->founderOf($this->demo));
        $path = "/api/apps/{$this->demo->id}/people/live";
        $this->getJson("$path?only=asking")
            ->assertJsonPath('count', 1)
            ->assertJsonPath('people.0.asks', 'Host');
        $this->postJson("$path/2", ['what' => 'grant'])->assertOk();
        $this->getJson("$path?only=Host")->assertJsonPath('people.0.name', 'Tomas Lindqvist');
        $this->code('tomas@lindqvist.example');
        self::assertSame('addForm', collect($this->see('offer')['nodes'])->last()['kind']);
    }

    /** A way in that is taken away is gone: also for whoever had begun on it, and the deletion page still proves an address. */
    public function test_a_way_that_was_removed_lets_nobody_in(): void
    {
        $this->tap('Sign in', 'Send me a code instead', ['eMail' => 'tomas@lindqvist.example']);
        $code = $this->code('tomas@lindqvist.example');
        $ways = $this->demo->refresh()->revision->read()->data()['signIn']['ways'];
        foreach (array_reverse(array_keys($ways)) as $i) {
            if (in_array($ways[$i]['kind'], ['code', 'guest'], true)) {
                $this->actingAs($this->founderOf($this->demo))
                    ->postJson("/api/apps/{$this->demo->id}/edits", [
                        'base' => $this->demo->refresh()->revision->number,
                        'edit' => ['do' => 'remove', 'places' => ["/signIn/ways/$i"]],
                    ])
                    ->assertOk();
            }
        }
        app(RevisionBook::class)->goLive($this->demo->refresh());
        $this->tap('Code', 'Go on', ['code' => $code])->assertJsonPath('outcome.refused', 'This app has no sign-in by a code.');
        $this->tap('Sign in', 'Send me a code instead', ['eMail' => 'tomas@lindqvist.example'])->assertJsonPath(
            'outcome.refused',
            'This app has no sign-in by a code.',
        );
        $this->tap('Sign in', 'Look around as a guest')->assertJsonPath('outcome.refused', 'This app has no guests.');
        $this->post('/p/saltlark/deletion', ['email' => 'tomas@lindqvist.example'])
            ->assertOk()
            ->assertSee('Type the six digits');
    }

    public function test_a_blocked_person_is_out_and_stays_out(): void
    {
        $this->tap('Sign in', 'Sign in', ['eMail' => 'tomas@lindqvist.example', 'password' => (string) config('lanai.demo_people_password')]);
        $this->actingAs($this->founderOf($this->demo))
            ->postJson("/api/apps/{$this->demo->id}/people/live/2", ['what' => 'block'])
            ->assertOk();
        self::assertSame('text', $this->see('')['nodes'][0]['kind']);
        $this->tap('Sign in', 'Sign in', ['eMail' => 'tomas@lindqvist.example', 'password' => (string) config('lanai.demo_people_password')])->assertJsonPath(
            'outcome.refused',
            'This account is blocked.',
        );
        $this->tap('Sign in', 'Send me a code instead', ['eMail' => 'tomas@lindqvist.example']);
        $this->tap('Code', 'Go on', ['code' => $this->code('tomas@lindqvist.example')])->assertJsonPath('outcome.refused', 'This account is blocked.');
    }

    public function test_sandbox_and_live_know_different_people(): void
    {
        $this->asPerson($this->demo, 'ines@okafor.example', DataSet::Sandbox);
        $this->postJson('/device/live/saltlark/view')->assertJsonPath('view.nodes.0.kind', 'text')->assertJsonPath('session', '');
        $this->postJson("/device/share/{$this->demo->share_code}/view")->assertJsonPath('view.nodes.0.text', 'Good morning, Ines Okafor');
    }

    public function test_requests_to_join_are_answered_by_the_host_and_places_follow(): void
    {
        Queue::fake([SendLetters::class]);
        $letters = fn (): array => array_merge(
            ...array_map(fn (SendLetters $l): array => (fn (): array => $this->letters)->call($l), Queue::pushed(SendLetters::class)->all()),
            ...[[]],
        );
        $swim = fn (): array => (array) $this->people()
            ->store()
            ->byIds($this->demo->revision->read()->table('Swims') ?? self::fail(), [7])[7]->values;
        $this->asPerson($this->demo, 'ines@okafor.example');
        $request = fn (string $button): array => [
            'screen' => 'request',
            'args' => [10],
            'at' => "/screens/19/lines/3/lines/$button",
            'tap' => bin2hex(random_bytes(4)),
        ];
        self::assertSame(4, $swim()['places']);
        $this->postJson('/device/live/saltlark/do', $request('0'))->assertJsonPath('outcome.say.0', 'Marit Solheim is in.');
        self::assertSame(3, $swim()['places']);
        self::assertSame([[3, 'You are in: Cold water club'], [1, 'Marit Solheim is in']], array_map(fn (array $l): array => [$l[0], $l[1]], $letters()));
        $this->postJson('/device/live/saltlark/do', $request('1'))->assertJsonPath('outcome.done', false);
        self::assertSame(3, $swim()['places']);
        // Who asked gives the place back; it is free again, once.
        $this->flushHeaders();
        $this->asPerson($this->demo, 'marit@solheim.example');
        $back = ['screen' => 'booking', 'args' => [10], 'at' => '/screens/6/lines/2', 'confirmed' => ['/screens/6/lines/2/tapped/0']];
        $this->postJson('/device/live/saltlark/do', $back + ['tap' => 'a'])->assertJsonPath('outcome.say.0', 'Your place is free again.');
        $this->postJson('/device/live/saltlark/do', $back + ['tap' => 'b'])->assertJsonPath('outcome.done', false);
        self::assertSame(4, $swim()['places']);
        // A stranger to the booking can neither answer nor give back.
        $this->flushHeaders();
        $this->asPerson($this->demo, 'tomas@lindqvist.example');
        $this->postJson('/device/live/saltlark/do', $request('0'))->assertJsonPath('outcome.refused', 'This Booking is not there, or no longer.');
    }

    public function test_an_address_is_changed_by_a_code_that_goes_to_the_new_one(): void
    {
        $this->tap('Sign in', 'Sign in', ['eMail' => 'tomas@lindqvist.example', 'password' => (string) config('lanai.demo_people_password')]);
        $this->tap('Account', 'Change my address', ['newAddress' => 'tomas@new.example'])->assertJsonPath('outcome.go.screen', 'code');
        $this->tap('Code', 'Go on', ['code' => $this->code('tomas@new.example')])->assertJsonPath('outcome.refused', '');
        self::assertSame('tomas@new.example', $this->people()->accountOf(2)?->email);
        self::assertSame('', $this->code('tomas@lindqvist.example'));
        self::assertContains('tomas@new.example', array_column($this->see('account')['nodes'], 'text'));
        // Somebody else's address is not given away, and not taken.
        $this->tap('Account', 'Change my address', ['newAddress' => 'ines@okafor.example'])->assertJsonPath('outcome.go.screen', 'code');
        self::assertSame('', $this->code('ines@okafor.example'));
        $this->tap('Code', 'Go on', ['code' => '123456'])->assertJsonPath('outcome.done', false);
        self::assertSame('tomas@new.example', $this->people()->accountOf(2)?->email);
    }

    public function test_a_role_is_chosen_at_sign_up_only_where_it_may_be(): void
    {
        $app = app(RevisionBook::class)->begin(
            $this->founderOf($this->demo),
            Blueprint::fromScript(
                "app Kitchen\nsign-in at In\n  with e-mail and password, of at least 8\nrole Guest, at first\n"
                    ."role Cook, may be chosen, begins at Stove\nrole Chef\n".
                    "table People, each a Person, who sign in\n  Name is a text of at most 10, required\n  Role is their role\nscreen In\n"
                        ."  Text \"x\"\nscreen Stove\n  Text \"x\"\n",
            ),
        );
        $people = new People($app, DataSet::Sandbox, $app->revision->read());
        $desk = new AccountDesk($people);
        $moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'));
        $refused = function (string $name, string $role) use ($desk, $moment): string {
            try {
                $this->pending = $desk->beginSignUp(new Visit($moment, address: '192.0.2.1'), 'a@lanai.example', 'seal otter', $name, $role);
            } catch (Refused $refused) {
                return $refused->getMessage();
            }

            return '';
        };
        self::assertSame(
            ['Please choose one of the roles.', 'Please choose one of the roles.', ''],
            [$refused('Al', 'Chef'), $refused('Al', 'King'), $refused('Al', 'cook')],
        );
        self::assertStringContainsString('Name', $refused('Somebody with a long name', 'Cook'));
        $visit = new Visit($moment, pending: $this->pending, address: '192.0.2.1');
        [$entered, $arrives] = (new Player($app->revision->read(), $people->store(), $desk, rehearsal: true))->arrive(
            $desk->proveCode($visit, $this->code('a@lanai.example')),
            $visit,
        );
        $row = $people->store()->byIds($people->table(), [$entered->person])[$entered->person];
        self::assertSame(['Al', 'Cook', 'stove'], [$row->values['name'], $row->values['role'], $arrives]);
    }
}
