<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\SendLetters;
use App\Jobs\SendNotice;
use App\Models\App;
use App\People\Newcomer;
use App\People\People;
use App\People\Sessions;
use App\Records\DataSet;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** Rows of people who come, whose row was removed, or whose post would be flooded; and tokens that two requests renew at once. */
final class NewcomersTest extends TestCase
{
    private App $demo;

    private People $people;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->people = new People($this->demo, DataSet::Live, $this->demo->revision->read());
    }

    /** @return array<string, mixed> */
    private function row(int $person): array
    {
        return $this->people->store()->byIds($this->people->table(), [$person])[$person]->values;
    }

    public function test_a_name_that_does_not_fit_keeps_nobody_out(): void
    {
        $newcomer = new Newcomer($this->people);
        $through = $this->people->blueprint->signIn?->provider('Gatehouse');

        self::assertSame('Runa', $this->row($newcomer->add(['name' => ' Runa ', 'through' => $through], false))['name']);
        self::assertMatchesRegularExpression(
            '/^Person \d{4}$/',
            (string) $this->row($newcomer->add(['name' => str_repeat('Long ', 20), 'through' => $through], false))['name'],
        );
        self::assertMatchesRegularExpression('/^Guest \d{4}$/', (string) $this->row($newcomer->add([], true))['name']);
        self::assertSame('', $newcomer->trouble('Zoe'));
        self::assertStringStartsWith('Name: ', $newcomer->trouble(str_repeat('x', 41)));
    }

    public function test_a_newcomer_has_the_first_role_unless_one_was_chosen(): void
    {
        $newcomer = new Newcomer($this->people);

        self::assertSame(
            ['Swimmer', 'Keeper', 'Swimmer'],
            array_map(fn (string $role): mixed => $this->row($newcomer->add(['role' => $role], false))['role'], ['', 'keeper', 'King']),
        );
    }

    public function test_an_account_whose_row_the_founder_removed_gets_a_new_one(): void
    {
        $this->people->store()->remove($this->people->table(), 2);
        $answer = $this->postJson('/device/live/saltlark/do', [
            'screen' => 'sign-in',
            'at' => '/screens/14/lines/3',
            'inputs' => ['eMail' => 'tomas@lindqvist.example', 'password' => (string) config('lanai.demo_people_password')],
        ])->assertJsonPath('outcome.refused', '');
        $account = $this->people->accounts()->where('email', 'tomas@lindqvist.example')->firstOrFail();

        self::assertNotSame(2, $account->person);
        $this->withToken($answer->json('outcome.session'))
            ->postJson('/device/live/saltlark/view')
            ->assertJsonPath('view.nodes.0.text', 'Good morning, '.$this->row($account->person)['name']);
    }

    public function test_a_session_of_somebody_whose_row_is_gone_is_nobodys(): void
    {
        $this->asPerson($this->demo, 'tomas@lindqvist.example');
        $this->people->store()->remove($this->people->table(), 2);

        $this->postJson('/device/live/saltlark/view')->assertOk()->assertJsonPath('view.nodes.0.kind', 'text');
        $this->postJson('/device/live/saltlark/view', ['screen' => 'profile'])->assertJsonPath('view.problem', 'Please sign in to see this.');
    }

    public function test_letters_find_their_address_and_nobodys_post_is_flooded(): void
    {
        Queue::fake([SendNotice::class]);
        $send = fn (int $person, int $times) => (new SendLetters($this->demo->id, 'live', array_fill(0, $times, [$person, 'About', 'Text'])))->handle();
        $send(1, 2);
        Queue::assertPushed(
            SendNotice::class,
            fn (SendNotice $job): bool => (fn (): array => [$this->email, $this->about, $this->text, $this->from])->call($job) === [
                'ines@okafor.example',
                'About',
                'Text',
                'Saltlark',
            ],
        );
        $send(1, 100);
        Queue::assertPushed(SendNotice::class, 60);
        $send(2, 1);
        Queue::assertPushed(SendNotice::class, 61);
        // The blocked, guests and those who are gone get none.
        $this->people
            ->accounts()
            ->where('person', 3)
            ->update(['blocked_at' => now()]);
        $send(3, 1);
        $send(99, 1);
        Queue::assertPushed(SendNotice::class, 61);
    }

    public function test_of_two_requests_that_renew_a_token_at_once_one_does(): void
    {
        $sessions = new Sessions($this->people);
        $token = $sessions->open($this->people->accounts()->firstOrFail(), 'password', 'a test');
        $sessions->find($token);
        $this->travel(16)->minutes();
        // The other request comes in between: it has renewed the token when this one writes.
        $other = null;
        $this->people
            ->accounts()
            ->getModel()::retrieved(function () use (&$other, $sessions, $token): void {
                if ($other === null) {
                    $other = false;
                    $other = $sessions->find($token);
                }
            });
        $mine = $sessions->find($token);

        self::assertNotNull($other?->fresh);
        self::assertNotNull($mine);
        self::assertNull($mine->fresh);
        self::assertNotNull($sessions->find((string) $other->fresh));
    }

    public function test_nothing_but_a_token_is_looked_up(): void
    {
        $sessions = new Sessions($this->people);
        foreach (['', 'short', str_repeat('a', 42), str_repeat('a', 44), str_repeat('a', 42).'!', "' or 1=1 --".str_repeat('a', 32)] as $token) {
            self::assertNull($sessions->find($token));
        }
        self::assertNull($sessions->find(Sessions::token()));
    }
}
