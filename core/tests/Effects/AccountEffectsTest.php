<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Effects;

use Lanai\Core\Play\Letter;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Reported;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Reach\CalendarEntry;
use Lanai\Core\Tests\Support\PretendAccounts;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use PHPUnit\Framework\TestCase;

/** Each effect about accounts: what it asks of the accounts, what the device is told, and what it says where something is missing. */
final class AccountEffectsTest extends TestCase
{
    private World $world;

    private PretendAccounts $accounts;

    /** @param  string  $effects  indented under a tap */
    private function tap(
        string $effects,
        ?int $person = null,
        array $inputs = ['eMail' => 'a@lanai.example', 'password' => 'right', 'name' => 'Ada'],
    ): Outcome {
        $this->world = World::of(
            "app A\nsign-in at In\n  with e-mail and password\n  with a code by e-mail\n  as a guest\n  through Porch\nrole Guest, at first\n"
                ."role Cook, may be chosen\nrole Chef, on request\ntable People, each a Person, who sign in\n  may be seen by everyone\n"
                    ."  Name is a text, required\n  Role is their role\n".
                "table Notes, each a Note\n  may be seen by everyone\n  may be added by everyone\n  Words is a text\n  By is one Person\nscreen In\n"
                    ."  Input E-mail is a text\n  Input Password is a password\n  Input Name is a text\n  Button \"do\"\n    tapped:\n".
                implode("\n", array_map(fn (string $l): string => "      $l", explode("\n", $effects))).
                "\ncalendar All notes, of notes, each \"{words}\"\n",
        );
        foreach (['Ada', 'Bo', 'Cy'] as $name) {
            $this->world->add('People', ['name' => $name, 'role' => 'Guest']);
        }
        $this->world->add('Notes', ['words' => 'one', 'by' => 2]);
        $this->world->add('Notes', ['words' => 'two', 'by' => null]);
        $this->accounts = new PretendAccounts($this->world->store);

        return (new Player($this->world->blueprint, $this->world->store, $this->accounts, rehearsal: true))->tap(
            new Visit(World::moment(), 'in', [], $person, $inputs, ['/screens/0/lines/3/tapped/0']),
            '/screens/0/lines/3',
            null,
            '',
            Trail::none(),
        );
    }

    public function test_whoever_is_signed_in_invites_and_whoever_is_not_shares_a_link_like_any_other(): void
    {
        $effect = 'share "Come!", with a link here, as an invitation';
        self::assertSame([['do' => 'share here', 'text' => 'Come!', 'by' => 'invited by 1']], $this->tap($effect, 1)->onDevice);
        self::assertSame([['do' => 'share here', 'text' => 'Come!']], $this->tap($effect)->onDevice);
        self::assertSame([['do' => 'share', 'text' => 'Come!']], $this->tap('share "Come!"', 1)->onDevice);
    }

    public function test_a_calendar_is_subscribed_to_by_somebody_with_an_account(): void
    {
        self::assertSame([['do' => 'subscribe', 'text' => '/calendar/all_notes/1']], $this->tap('subscribe to All notes', 1)->onDevice);
        self::assertTrue($this->tap('subscribe to All notes')->signIn);
        self::assertSame('This person has no account to sign in with.', $this->tap('subscribe to All notes', 2)->refused);
        self::assertSame('This calendar is no longer there.', $this->tap('subscribe to Nothing', 1)->refused);
    }

    /** What has no time yet is left out; of the rest each once, with an id that stays. */
    public function test_a_calendar_holds_what_somebody_may_see(): void
    {
        $world = World::of(<<<'APP'
            app A
            sign-in at In
              with a code by e-mail
            table People, each a Person, who sign in
              may be seen by everyone
              Name is a text
            table Notes, each a Note
              may be seen by the person in By
              Words is a text
              Due is a date
              By is one Person
            screen In
              Text "in"
            calendar All notes, of where(notes, words != "no"), each "{words}", from due, about "Of {by.name}"
            APP);
        foreach (['Ada', 'Bo'] as $name) {
            $world->add('People', ['name' => $name]);
        }
        foreach ([['one', '2026-03-01', 1], ['two', null, 1], ['no', '2026-03-01', 1], ['three', '2026-03-02', 2]] as [$words, $due, $by]) {
            $world->add('Notes', ['words' => $words, 'due' => $due === null ? null : Day::of($due), 'by' => $by]);
        }
        $calendar = $world->blueprint->calendars[0];
        $player = new Player($world->blueprint, $world->store, null);
        $of = fn (int $person, int $most = 10): array => array_map(
            fn (CalendarEntry $entry): array => [$entry->title, $entry->from, $entry->about],
            $player->calendar(new Visit(World::moment(), person: $person), $calendar, $most),
        );
        self::assertSame([[['one', '2026-03-01', 'Of Ada']], [['three', '2026-03-02', 'Of Bo']], []], [$of(1), $of(2), $of(1, 0)]);
    }

    public function test_signing_up_waits_for_a_code(): void
    {
        $outcome = $this->tap("sign up with input.eMail, password input.password, named input.name\nsay \"Look into your post.\"");

        self::assertSame(['', 'handle', null, ['Look into your post.']], [$outcome->refused, $outcome->pending, $outcome->session, $outcome->say]);
        self::assertSame(['sign up, nothing open'], $this->accounts->log);
        self::assertSame(
            'Please type your password.',
            $this->tap('sign up with input.eMail, password input.password', inputs: ['eMail' => 'a@lanai.example'])->refused,
        );
        self::assertSame(
            'Please type your e-mail address.',
            $this->tap('sign up with input.eMail, password input.password', inputs: ['eMail' => '  ', 'password' => 'right'])->refused,
        );
    }

    public function test_a_code_lets_in_and_nothing_waits_any_more(): void
    {
        $outcome = $this->tap('check the code input.name', inputs: ['name' => ' 123 456 ']);

        self::assertSame(['', '', 'token 1'], [$outcome->refused, $outcome->pending, $outcome->session]);
        self::assertSame('Please type the code from the letter.', $this->tap('check the code input.name', inputs: ['name' => ' '])->refused);
        self::assertSame('', $this->tap("send the code again\nsay \"Sent.\"")->refused);
        self::assertSame(['again, nothing open'], $this->accounts->log);
    }

    public function test_a_guest_comes_in_at_once(): void
    {
        $outcome = $this->tap('sign in as a guest');

        self::assertSame(['token 1', 'in'], [$outcome->session, $outcome->arrives]);
        self::assertSame(['guest, nothing open', 'enter, in the tap'], $this->accounts->log);
    }

    public function test_a_provider_is_left_for_and_its_handle_kept(): void
    {
        $outcome = $this->tap('sign in through porch');

        self::assertSame([[['do' => 'leave for', 'text' => 'https://provider.example/']], 'handle'], [$outcome->onDevice, $outcome->pending]);
        self::assertTrue($outcome->goesTo('leave for'));
        self::assertFalse($outcome->goesTo('download'));
        self::assertSame('This way to sign in is not there yet.', $this->tap('sign in through Nowhere')->refused);
    }

    public function test_what_is_ones_own_needs_signing_in(): void
    {
        foreach (['set my password to input.password', 'set my e-mail to input.eMail', 'download my data', 'delete my account', 'become a Cook'] as $effect) {
            $outcome = $this->tap($effect);
            self::assertSame(['Please sign in first.', true, []], [$outcome->refused, $outcome->signIn, $this->accounts->log], $effect);
        }
        self::assertSame([['do' => 'download', 'text' => 'mine']], $this->tap('download my data', 1)->onDevice);
        self::assertSame('handle', $this->tap('set my e-mail to input.eMail', 1)->pending);
    }

    public function test_a_password_is_set_without_a_new_session(): void
    {
        $outcome = $this->tap('set my password to input.password, knowing input.password', 1);

        self::assertSame(['', null], [$outcome->refused, $outcome->session]);
        self::assertSame(['prove change, nothing open', 'enter, in the tap'], $this->accounts->log);
    }

    public function test_leaving_ends_the_session_and_later_effects_know_nobody(): void
    {
        $outcome = $this->tap("delete my account\nadd a Note\n  set Words = coalesce(me.name, \"nobody\")", 1);

        self::assertSame(['', '', ''], [$outcome->refused, $outcome->session, $outcome->pending]);
        $notes = $this->world->store->allOf($this->world->blueprint->table('Notes') ?? self::fail());
        self::assertSame('nobody', array_values($notes)[2]->values['words']);
        self::assertSame('', $this->tap('sign out', 1)->session);
    }

    public function test_a_role_is_taken_or_asked_for(): void
    {
        self::assertSame([], $this->tap('become a Cook', 1)->say);
        self::assertSame(['You have asked to be a Chef. You will hear from us.'], $this->tap('become a Chef', 1)->say);
        self::assertSame('There is no such role yet.', $this->tap('become a King', 1)->refused);
    }

    public function test_letters_go_to_people_and_to_nobody_else(): void
    {
        $to = fn (string $formula): array => array_map(
            fn (Letter $l): array => [$l->person, $l->about, $l->text],
            $this->tap("send a letter to $formula about \"Hello {me.name}\" saying \"To {count(people)} of you\"", 1)->letters,
        );

        self::assertSame([[2, 'Hello Ada', 'To 3 of you']], $to('first(notes).by'));
        self::assertSame([1, 2, 3], array_column($to('people'), 0));
        self::assertSame([1], array_column($to('me'), 0));
        // An empty link, rows that are no people, and no row at all.
        self::assertSame([[], [], []], [$to('last(notes).by'), $to('notes'), $to('me.name')]);
    }

    public function test_what_is_reported_is_told_with_what_is_said_of_it_and_nothing_else_changes(): void
    {
        $told = fn (string $effects): array => array_map(
            fn (Reported $one): array => [$one->table, $one->row, $one->label, $one->why],
            $this->tap($effects, 1)->reports,
        );
        self::assertSame([['Notes', 4, 'one', '']], $told('report first(notes)'));
        self::assertSame([['Notes', 4, 'one', 'It is rude, says Ada.']], $told('report first(notes), because "It is rude, says {me.name}."'));
        self::assertSame([], $told("report first(notes)\nadd a Person\n  set Name = null"), 'What is refused reports nothing.');
        self::assertNotSame('', $this->tap('report first(notes where words == "none")', 1)->refused);
        $outcome = $this->tap('report first(notes)', 1);
        $again = new Outcome();
        $again->followsAgain($outcome->follows());
        self::assertEquals($outcome->reports, $again->reports, 'It outlives a process that is killed in between.');
    }

    public function test_letters_of_a_tap_that_is_refused_are_not_sent(): void
    {
        $outcome = $this->tap("send a letter to me about \"x\" saying \"y\"\nadd a Person\n  set Name = null", 1);

        self::assertNotSame('', $outcome->refused);
        self::assertSame([], $outcome->letters);
    }

    public function test_in_a_loop_each_row_asks_for_itself(): void
    {
        $outcome = $this->tap("for each of people\n  send a code to name");

        self::assertSame('', $outcome->refused);
        self::assertSame(['code, nothing open', 'code, nothing open', 'code, nothing open'], $this->accounts->log);
    }

    public function test_taps_whose_branches_may_wait_may_wait_themselves(): void
    {
        $queues = function (string $effects): bool {
            $this->tap($effects);

            return $this->world->show('in', [], 1)['nodes'][3]['queues'] ?? false;
        };
        self::assertTrue($queues("if me != null\n  then:\n    add a Note\n      set Words = \"x\"\n  otherwise:\n    say \"Later.\""));
        self::assertTrue($queues("if me != null\n  then:\n    send a letter to me about \"x\" saying \"y\""));
        self::assertFalse($queues("if me != null\n  then:\n    go to In"));
        self::assertFalse($queues("if me != null\n  then:\n    if me != null\n      then:\n        say \"x\"\n      otherwise:\n        sign out"));
    }
}
