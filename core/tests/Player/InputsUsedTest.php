<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Player;

use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Only what uses an input needs it, and a tap leaves alone what it does not use. */
final class InputsUsedTest extends TestCase
{
    private const SCRIPT = <<<'S'
    app Jars
    sign-in at In
      as a guest
    role Guest, at first
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text
      Role is their role
      Liked are many Jars
    table Jars, each a Jar
      may be seen by everyone
      may be added by everyone
      may be changed by everyone
      may be removed by everyone
      Name is a text, required
      Left is a whole number, at first 3
      Host is one Person
    value Seen is a whole number, kept for each person
    routine Take Much is a whole number
      lower jar.left by input.amount
    screen In
      Text "x"
    screen Jar, about one Jar, first
      Input Amount is a whole number, required
      Input Note is a text, required, if jar.left > 5
      Button "Needs it"
        tapped:
          lower jar.left by input.amount
      Button "Does not"
        tapped:
          say "hello"
      Card
        tapped:
          say "hello"
      Form for a new Jar asking Name, Left
        saved:
          say "{this.left}"
      Button "Needs the note"
        tapped:
          say "{input.note}"
      Button "Sold", enabled if jar.left > 0
        tapped:
          lower jar.left by 1 while it is above 0, otherwise say "Just sold out"
      Button "Mine", if jar.left < 9
        tapped:
          put jar into me.liked
      Button "Host"
        tapped:
          add a Jar
            set Name = "x"
            set Host = me
      Button "Seen"
        tapped:
          set value Seen to 1
      Button "Later"
        tapped:
          say "at once"
          wait 2 seconds
          say "then"
      Text "Yours", if jar.host == me
      Text "In yours", if jar.host in [me] or me.liked == jar.name
      List of Jars where host == me
    S;

    private World $world;

    protected function setUp(): void
    {
        $this->world = World::of((string) preg_replace('/routine Take.*\n.*\n/', '', self::SCRIPT));
        $this->world->add('People', ['name' => 'Ada', 'role' => 'Guest']);
        $this->world->add('Jars', ['name' => 'Honey', 'left' => 1]);
    }

    public function test_only_what_uses_an_input_needs_it(): void
    {
        self::assertSame(['amount' => 'Please fill this in.'], $this->tap(2)->errors);
        self::assertStringContainsString('whole number', $this->tap(2, ['amount' => 'two'])->errors['amount'] ?? '');
        self::assertSame([], $this->tap(2, ['amount' => '1'])->errors);
        foreach ([3, 4] as $line) {
            self::assertSame([[], ['hello'], []], [$this->tap($line, ['amount' => 'two'])->errors, $this->tap($line)->say, $this->tap($line)->used]);
        }
        self::assertSame(['amount'], $this->tap(2, ['amount' => '1'])->used);
    }

    public function test_an_input_that_is_not_shown_is_not_asked_for(): void
    {
        self::assertSame([''], $this->tap(6)->say);
        $this->world->store->change($this->world->blueprint->tables[1], 2, ['left' => 6]);
        self::assertSame(['note' => 'Please fill this in.'], $this->tap(6)->errors);
    }

    public function test_at_first_stands_in_the_form_and_what_is_emptied_stays_empty(): void
    {
        $boxes = array_merge(...array_column($this->world->show('jar', [2])['nodes'], 'boxes'));

        self::assertSame([['name', ''], ['left', '3']], array_map(fn (array $box): array => [$box['name'], $box['value']], $boxes));
        self::assertSame(['3'], $this->tap(5, ['name' => 'Wax', 'left' => '3'])->say);
        self::assertSame([''], $this->tap(5, ['name' => 'Wax', 'left' => ''])->say);
    }

    public function test_who_comes_too_late_hears_what_the_founder_wrote(): void
    {
        $this->world->store->change($this->world->blueprint->tables[1], 2, ['left' => 0]);

        self::assertSame('Just sold out', $this->tap(7)->refused);
        self::assertSame(0, $this->world->store->allOf($this->world->blueprint->tables[1])[2]->values['left']);
    }

    public function test_nobody_is_led_to_the_sign_in_whatever_the_effect(): void
    {
        foreach ([8, 9, 10] as $line) {
            $outcome = $this->world->tap('jar', $line, [2]);
            self::assertSame(['Please sign in first.', true], [$outcome->refused, $outcome->signIn], "line $line");
        }
    }

    public function test_what_comes_after_a_wait_is_said_after_it(): void
    {
        $outcome = $this->tap(11);

        self::assertSame([['at once'], [['do' => 'wait', 'text' => '2'], ['do' => 'say', 'text' => 'then']]], [$outcome->say, $outcome->onDevice]);
    }

    /** The jar has no host, and nobody is signed in: nobody is not its host. */
    public function test_nobody_is_like_nobody_else_wherever_it_is_asked(): void
    {
        $texts = fn (?int $person): array => array_values(
            array_filter(
                array_map(fn (array $n): string => (string) ($n['text'] ?? ''), $this->world->show('jar', [2], $person)['nodes']),
                fn (string $t): bool => str_contains($t, 'ours'),
            ),
        );
        $rows = fn (?int $person): int => count(
            array_values(array_filter($this->world->show('jar', [2], $person)['nodes'], fn (array $n): bool => $n['kind'] === 'list'))[0]['items'],
        );

        self::assertSame([[], 0], [$texts(null), $rows(null)]);
        self::assertSame([[], 0], [$texts(1), $rows(1)]);
        $this->world->store->change($this->world->blueprint->tables[1], 2, ['host' => 1]);
        self::assertSame([['Yours', 'In yours'], 1], [$texts(1), $rows(1)]);
        self::assertSame([[], 0], [$texts(null), $rows(null)]);
    }

    /** @param  array<string, mixed>  $inputs */
    private function tap(int $line, array $inputs = []): \Lanai\Core\Play\Outcome
    {
        return $this->world->tap('jar', $line, [2], 1, $inputs);
    }
}
