<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Model\Row;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\PretendAccounts;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** What a tap needs from outside is got with nothing locked, once, and the tap then happens as a whole or not at all. */
final class NeedsOutsideTest extends TestCase
{
    private const APP = <<<'APP'
    app A
    sign-in at In
      with e-mail and password
    role Guest, at first, begins at Home
    table People, each a Person, who sign in
      Name is a text, required
      Role is their role
    table Notes, each a Note
      may be added by signed-in people
      Words is a text, required
      By is who added it
    screen In
      Input E-mail is an e-mail address
      Input Password is a password
      Button "in"
        tapped:
          sign in with input.eMail, password input.password
          add a Note
            set Words = "Hello from " ~ me.name
      Button "in and more"
        tapped:
          sign in with input.eMail, password input.password
          set my password to input.password, knowing input.password
          add a Note
            set Words = me.name
      Button "in and on"
        tapped:
          sign in with input.eMail, password input.password
          go to Home
      Button "in and wrong"
        tapped:
          sign in with input.eMail, password input.password
          add a Note
            set Words = null
      Button "out"
        tapped:
          sign out, everywhere
          add a Note
            set Words = "ghost"
      Button "code"
        tapped:
          send a code to input.eMail
    screen Home
      Text "x"
    APP;

    private World $world;

    private PretendAccounts $accounts;

    protected function setUp(): void
    {
        $this->world = World::of(self::APP);
        $this->world->add('People', ['name' => 'Ada', 'role' => 'Guest']);
        $this->accounts = new PretendAccounts($this->world->store);
    }

    /** @param  array<string, mixed>  $inputs */
    private function tap(
        int $line,
        array $inputs = ['eMail' => 'ada@lanai.example', 'password' => 'right'],
        ?int $person = null,
        string $key = '',
        ?Trail $trail = null,
    ): Outcome {
        return (new Player($this->world->blueprint, $this->world->store, $this->accounts, rehearsal: true))->tap(
            new Visit(World::moment(), 'in', [], $person, $inputs),
            "/screens/0/lines/$line",
            null,
            $key,
            $trail ?? Trail::none(),
        );
    }

    /** @return list<mixed> */
    private function notes(): array
    {
        return array_map(
            fn (Row $row): array => [$row->values['words'], $row->values['by']],
            array_values($this->world->store->allOf($this->world->blueprint->table('Notes') ?? self::fail())),
        );
    }

    public function test_a_proof_is_got_once_with_nothing_open_and_the_rest_happens_in_the_name_of_who_came_in(): void
    {
        $outcome = $this->tap(2);

        self::assertSame(['', 'token 1', 'home'], [$outcome->refused, $outcome->session, $outcome->arrives]);
        self::assertSame(['prove ada@lanai.example, nothing open', 'enter, in the tap'], $this->accounts->log);
        self::assertSame([['Hello from Ada', 1]], $this->notes());
    }

    public function test_several_things_are_awaited_one_after_the_other(): void
    {
        $outcome = $this->tap(3);

        self::assertSame('', $outcome->refused);
        self::assertSame(
            ['prove ada@lanai.example, nothing open', 'enter, in the tap', 'prove change, nothing open', 'enter, in the tap', 'enter, in the tap'],
            $this->accounts->log,
        );
        self::assertSame([['Ada', 1]], $this->notes());
    }

    public function test_where_one_goes_is_not_said_twice(): void
    {
        $outcome = $this->tap(4);

        self::assertSame([['screen' => 'home', 'args' => []], ''], [$outcome->go, $outcome->arrives]);
    }

    public function test_a_wrong_password_changes_nothing(): void
    {
        $outcome = $this->tap(2, ['eMail' => 'ada@lanai.example', 'password' => 'wrong']);

        self::assertSame(['No.', null, []], [$outcome->refused, $outcome->session, $this->notes()]);
        self::assertSame(['prove ada@lanai.example, nothing open'], $this->accounts->log);
    }

    public function test_what_fails_after_coming_in_leaves_nobody_in(): void
    {
        $outcome = $this->tap(5);

        self::assertSame(['Words: Please fill in something first.', null, ''], [$outcome->refused, $outcome->session, $outcome->arrives]);
        self::assertSame([], $this->notes());
        // The rights of whoever nearly came in are gone with it.
        self::assertTrue($this->tap(6)->signIn);
    }

    public function test_whoever_signs_out_has_no_rights_from_there_on(): void
    {
        $outcome = $this->tap(6, [], 1);

        self::assertSame('Please sign in first.', $outcome->refused);
        self::assertNull($outcome->session);
        self::assertSame([], $this->notes());
    }

    public function test_a_session_is_not_kept_with_the_answer_of_a_tap(): void
    {
        $this->tap(2, key: 'k');
        self::assertNull($this->world->store->answerTo('k'));
        self::assertSame('token 2', $this->tap(2, key: 'k')->session);
    }

    public function test_footprints_tell_once_what_was_done_and_never_what_was_typed(): void
    {
        $trail = new Trail(fn (): int => 0);
        $this->tap(2, ['eMail' => 'ada@lanai.example', 'password' => 'right'], trail: $trail);

        self::assertSame(['signed in', 'added'], array_column($trail->steps, 'what'));
        self::assertStringNotContainsString('right', (string) json_encode([$trail->steps, $trail->origins]));
    }

    public function test_the_handle_of_a_code_goes_to_the_device_and_empty_boxes_are_told(): void
    {
        self::assertSame('handle', $this->tap(7)->pending);
        self::assertSame('Please type your e-mail address.', $this->tap(7, [])->refused);
        self::assertSame('Please type your password.', $this->tap(2, ['eMail' => 'ada@lanai.example'])->refused);
    }

    public function test_without_accounts_nobody_can_sign_in(): void
    {
        $outcome = (new Player($this->world->blueprint, $this->world->store, rehearsal: true))->tap(
            new Visit(World::moment(), 'in', [], null, ['eMail' => 'a@lanai.example', 'password' => 'x']),
            '/screens/0/lines/2',
            null,
            '',
            Trail::none(),
        );

        self::assertSame('Signing in is not possible here.', $outcome->refused);
    }
}
