<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Model\Row;
use Lanai\Core\Play\Later;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Place;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MoreEffectsTest extends TestCase
{
    public function test_a_value_of_the_app_is_read_set_and_kept_where_it_belongs(): void
    {
        $world = World::of(
            <<<'SCRIPT'
            app X

            table People, each a Person, who sign in
              Name is a text

            value Unit is one of "km", "mi", kept for each device, at first "km"

            value Seen is a whole number, kept for each person, at first 0

            value Page is a whole number, kept for each visit

            screen S, first
              Text "{app.unit} {app.seen}"
              Button "Go"
                tapped:
                  set value Unit to if(app.unit == "km", "mi", "km")
                  set value Seen to app.seen + 1
                  set value Page to 3
                  say "{app.unit} {app.seen}"
            SCRIPT
            ,
        );
        $ann = $world->add('People', ['name' => 'Ann']);

        self::assertSame('km 0', $this->text($world, $ann));
        $outcome = $this->tap($world, new Visit(World::moment(), 's', person: $ann));
        self::assertSame([['mi 1'], ['unit' => 'mi'], ['page' => '3']], [$outcome->say, $outcome->values, $outcome->passing]);
        self::assertSame('mi 1', $this->text($world, $ann, $outcome->values));
        self::assertSame('km 0', $this->text($world, null), 'Nobody else has it.');
        self::assertSame('This is kept for a person, and nobody can sign in to this app.', $this->tap($world, new Visit(World::moment(), 's'))->refused);
        self::assertSame('km 1', $this->text($world, $ann, ['unit' => 'miles & miles']), 'What the device says wrongly is as if it said nothing.');
    }

    public function test_one_thing_is_asked_for_before_anything_is_done(): void
    {
        $world = $this->jam(
            "add a Jar\n    set Name = \"X\"\n  ask \"How many?\" for Count is a whole number from 1 to 5\n  add a Jar\n    set Name = text(input.count)",
        );
        $visit = fn (array $answers): Visit => new Visit(World::moment(), 's', replies: $answers);
        $at = '/screens/0/lines/0/tapped/1';

        $asked = $this->tap($world, $visit([]));
        self::assertSame(
            ['How many?', $at, 'number', ''],
            [$asked->confirm['text'], $asked->confirm['at'], $asked->confirm['box']['control'], $asked->confirm['wrong']],
        );
        self::assertStringContainsString('5', $this->tap($world, $visit([$at => '9']))->confirm['wrong']);
        self::assertSame('Please fill this in.', $this->tap($world, $visit([$at => '']))->confirm['wrong']);
        self::assertSame([], $this->names($world));
        self::assertTrue($this->tap($world, $visit([$at => '4']))->data()['done']);
        self::assertSame(['X', '4'], $this->names($world));
    }

    public function test_a_routine_does_its_effects_with_what_it_is_given(): void
    {
        $world = $this->jam(
            'do Twice with "Plum"',
            "routine Twice taking Words is a text\n  add a Jar\n    set Name = words\n  do Once with words ~ \"!\"\n\n"
                ."routine Once taking Words is a text\n  add a Jar\n    set Name = words\n",
        );

        self::assertTrue($this->tap($world)->data()['done']);
        self::assertSame(['Plum', 'Plum!'], $this->names($world));
    }

    public function test_a_routine_that_never_ends_is_stopped_and_leaves_nothing(): void
    {
        $world = $this->jam('do Round', "routine Round\n  add a Jar\n    set Name = \"again\"\n  do Round\n");

        self::assertSame('This goes round in a circle and was stopped.', $this->tap($world)->refused);
        self::assertSame([], $this->names($world));
    }

    public function test_a_routine_for_later_is_left_with_what_it_will_need(): void
    {
        $world = $this->jam(
            'do Note with first(jars), now(), minutes(3), after hours(2)',
            "routine Note taking Jar is one Jar and At is a date and time and Long is a duration\n  change jar\n    set Name = \"{time(at)}\"\n",
        );
        $jar = $world->add('Jars', ['name' => 'Plum']);
        $outcome = $this->tap($world);
        $later = $outcome->later[0];

        self::assertSame(
            ['Note', 7200, ['one' => 'Jar', 'id' => $jar], self::waiting('Moment', '2026-12-24T09:30:00Z'), self::waiting('Duration', 180)],
            [$later->routine, $later->seconds, ...array_values($later->given)],
        );
        $json = json_decode((string) json_encode($later->given), true);
        $done = (new Player($world->blueprint, $world->store, rehearsal: true))->later(
            new Later('Note', $json, 0),
            new Visit(World::moment()),
            Trail::none(),
        );
        self::assertTrue($done->data()['done'], $done->refused);
    }

    /** @return array<string, mixed> */
    private static function waiting(string $kind, string|int $kept): array
    {
        return ['kind' => $kind, 'one' => '', 'kept' => $kept];
    }

    public function test_each_row_of_a_list_gets_its_own_effects(): void
    {
        $world = $this->jam("for each of where(jars, name != \"Fig\")\n    change this\n      set Name = name ~ \"s\"\n  raise first(jars).spoons by 2");
        foreach (['Plum', 'Fig', 'Apple'] as $name) {
            $world->add('Jars', ['name' => $name, 'spoons' => 1]);
        }

        self::assertTrue($this->tap($world)->data()['done']);
        self::assertSame(['Plums', 'Fig', 'Apples'], $this->names($world));
    }

    public function test_links_to_several_rows_grow_and_shrink(): void
    {
        $world = World::of(
            "app X\n\ntable Jars, each a Jar\n  Name is a text\n  Mates are many Jars\n\nscreen S, about one Jar, first\n  Button \"a\"\n"
                ."    tapped:\n      put first(jars) into jar.mates\n  Button \"b\"\n    tapped:\n      take first(jars) out of jar.mates\n",
        );
        [$plum, $fig] = [$world->add('Jars', ['name' => 'Plum']), $world->add('Jars', ['name' => 'Fig'])];
        $mixed = fn (): mixed => $world->store->byIds($world->blueprint->tables[0], [$fig])[$fig]->values['mates'];

        $world->tap('s', 0, [$fig]);
        $world->tap('s', 0, [$fig]);
        self::assertSame([$plum], $mixed());
        $world->tap('s', 1, [$fig]);
        self::assertNull($mixed());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function devices(): iterable
    {
        yield 'a mail (RFC 6068)' => ['mail to "ann@example.org" about "Jam & more"', 'open', 'mailto:ann@example.org?subject=Jam%20%26%20more'];
        yield 'a call (RFC 3966)' => ['call "+44 20 7946 0000"', 'open', 'tel:+442079460000'];
        yield 'a map (RFC 5870)' => ['show on a map first(places).lies', 'open', 'geo:50.100000,-5.200000'];
        yield 'a text for other apps' => ['share "Come to {first(places).name}"', 'share', 'Come to Quay'];
        yield 'the clipboard' => ['copy "1{2}3"', 'copy', '123'];
        yield 'a pause' => ['wait 3 seconds', 'wait', '3'];
        yield 'a sound' => ['play "https://example.org/a.mp3"', 'play', 'https://example.org/a.mp3'];
        yield 'the screen anew' => ['refresh', 'refresh', ''];
        yield 'a sheet' => ['open sheet Choices', 'sheet', 'Choices'];
        yield 'no sheet' => ['close the sheet', 'sheet', ''];
    }

    #[DataProvider('devices')]
    public function test_what_the_device_does_is_told_to_it(string $effect, string $do, string $text): void
    {
        $world = World::of(
            "app X\n\ntable Places, each a Place\n  Name is a text\n  Lies is a place\n\nscreen S, first\n  Button \"a\"\n    tapped:\n      $effect\n",
        );
        $world->add('Places', ['name' => 'Quay', 'lies' => Place::of('50.1, -5.2')]);

        self::assertSame([['do' => $do, 'text' => $text]], $this->tap($world)->onDevice);
    }

    public function test_nothing_is_done_with_an_address_that_is_not_there(): void
    {
        foreach (
            [
                'mail to ""' => 'There is no mail address.',
                'call ""' => 'There is no number to call.',
                'play "javascript:alert(1)"' => 'There is no sound to play.',
            ] as $effect => $sentence
        ) {
            self::assertSame($sentence, $this->tap(World::of("app X\n\nscreen S, first\n  Button \"a\"\n    tapped:\n      $effect\n"))->refused);
        }
    }

    private function jam(string $effects, string $more = ''): World
    {
        $effects = str_replace("\n  ", "\n      ", $effects);

        return World::of(
            "app X\n\ntable Jars, each a Jar\n  Name is a text\n  Spoons is a whole number\n\nscreen S, first\n  Button \"a\"\n"
                ."    tapped:\n      $effects\n\n$more",
        );
    }

    private function tap(World $world, ?Visit $visit = null): Outcome
    {
        $line = $world->blueprint->name === 'X' && count($world->blueprint->screens[0]->lines()) > 1 ? 1 : 0;

        return (new Player($world->blueprint, $world->store, rehearsal: true))->tap(
            $visit ?? new Visit(World::moment(), 's'),
            "/screens/0/lines/$line",
            null,
            '',
            Trail::none(),
        );
    }

    /** @param  array<string, string>  $values */
    private function text(World $world, ?int $person, array $values = []): string
    {
        return (new Player($world->blueprint, $world->store, rehearsal: true))->show(
            new Visit(World::moment(), 's', person: $person, values: $values),
            Trail::none(),
        )['nodes'][0]['text'];
    }

    /** @return list<string> */
    private function names(World $world): array
    {
        return array_map(fn (Row $row): string => (string) $row->values['name'], $world->store->rows(new Query($world->blueprint->tables[0])));
    }
}
