<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Model\Row;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Lines in lines: drawn where they stand, tapped where they stand, and only while all around them are shown. */
final class HoldingTest extends TestCase
{
    private const APP = <<<'SCRIPT'
    app X

    table Jars, each a Jar
      Name is a text, required
      Spoons is a whole number from 0 to 99

    table People, each a Person, who sign in
      Name is a text

    screen S, first
      Card
        Columns
          Text "left"
          Button "Add"
            tapped:
              add a Jar
                set Name = "New"
        Fold "More"
          Group, if me != null
            Button "Secret"
              tapped:
                say "Hush"
      Sections
        section "One"
          Repeat for each of sortBy(jars, name)
            Card
              Heading "{name}"
              Button "Eat", enabled if spoons > 0
                tapped:
                  lower spoons by 1 while it is above 0
        section "Two"
          Piece Line with first(jars), "Best"
      Sheet Choices
        Menu "Do"
          entry "Empty all", dangerous
            tapped:
              change all of jars
                set Spoons = 0
          entry "Remove all"
            tapped:
              remove all of jars

    piece Line taking Jar is one Jar and Words is a text
      Text "{words}: {jar.name}"
        tapped:
          remove jar
    SCRIPT;

    private World $world;

    protected function setUp(): void
    {
        $this->world = World::of(self::APP);
        $this->world->add('Jars', ['name' => 'Plum', 'spoons' => 1]);
        $this->world->add('Jars', ['name' => 'Apple', 'spoons' => 0]);
    }

    public function test_lines_inside_of_lines_are_drawn_where_they_stand(): void
    {
        [$card, $sections, $sheet] = $this->world->show()['nodes'];

        self::assertSame(['card', 'columns', 'left'], [$card['kind'], $card['nodes'][0]['kind'], $card['nodes'][0]['nodes'][0]['text']]);
        self::assertSame([], $card['nodes'][1]['nodes'], 'The group is for those who have signed in.');
        self::assertSame(
            ['Apple', 'Plum'],
            array_map(fn (array $item): string => $item['nodes'][0]['nodes'][0]['text'], $sections['sections'][0]['nodes'][0]['items']),
        );
        self::assertSame('Best: Plum', $sections['sections'][1]['nodes'][0]['nodes'][0]['text']);
        self::assertSame(['sheet', 'Choices', 'Empty all'], [$sheet['kind'], $sheet['name'], $sheet['nodes'][0]['entries'][0]['label']]);
    }

    public function test_the_row_of_a_repeated_line_is_the_one_that_was_tapped(): void
    {
        $done = $this->tap('/screens/0/lines/1/sections/0/lines/0@1/lines/0/lines/1');

        self::assertSame([true, 0, 0], [$done->data()['done'], $this->spoons(1), $this->spoons(2)]);
    }

    public function test_what_is_not_enabled_says_so_and_cannot_be_tapped(): void
    {
        $items = $this->world->show()['nodes'][1]['sections'][0]['nodes'][0]['items'];

        self::assertFalse($items[0]['nodes'][0]['nodes'][1]['enabled']);
        self::assertArrayNotHasKey('enabled', $items[1]['nodes'][0]['nodes'][1]);
        self::assertSame('This is not possible any more.', $this->tap('/screens/0/lines/1/sections/0/lines/0@2/lines/0/lines/1')->refused);
    }

    public function test_a_line_in_a_hidden_group_cannot_be_tapped(): void
    {
        $person = $this->world->add('People', ['name' => 'Ann']);
        $at = '/screens/0/lines/0/lines/1/lines/0/lines/0';

        self::assertSame('This is not possible any more.', $this->tap($at)->refused);
        self::assertSame(['Hush'], $this->tap($at, $person)->say);
    }

    public function test_a_row_that_is_not_in_the_list_cannot_be_reached_by_its_number(): void
    {
        foreach (
            [
                '/screens/0/lines/1/sections/0/lines/0@99/lines/0/lines/1',
                '/screens/0/lines/1/sections/9/lines/0',
                '/screens/0/lines/1/sections/1/lines/0=/pieces/7/lines/0',
                '/pieces/0/lines/0',
            ] as $at
        ) {
            self::assertSame('This screen has just changed. Please try again.', $this->tap($at)->refused, $at);
        }
    }

    public function test_a_piece_knows_what_it_was_given(): void
    {
        $this->tap('/screens/0/lines/1/sections/1/lines/0=/pieces/0/lines/0');

        self::assertSame(['Apple'], array_map(fn (Row $row): string => $row->label(), $this->jars()));
    }

    public function test_an_entry_of_a_menu_does_its_own_effects(): void
    {
        $this->tap('/screens/0/lines/2/lines/0/entries/0');
        self::assertSame([0, 0], [$this->spoons(1), $this->spoons(2)]);
        $this->tap('/screens/0/lines/2/lines/0/entries/1');
        self::assertSame([], $this->jars());
        self::assertSame('This is not in the menu any more.', $this->tap('/screens/0/lines/2/lines/0/entries/5')->refused);
    }

    private function tap(string $at, ?int $person = null): Outcome
    {
        return (new Player($this->world->blueprint, $this->world->store, rehearsal: true))->tap(
            new Visit(World::moment(), 's', person: $person),
            $at,
            null,
            '',
            Trail::none(),
        );
    }

    private function spoons(int $id): int
    {
        return $this->world->store->byIds($this->world->blueprint->tables[0], [$id])[$id]->values['spoons'];
    }

    /** @return list<Row> */
    private function jars(): array
    {
        return $this->world->store->rows(new Query($this->world->blueprint->tables[0]));
    }

    public function test_pages_draw_all_of_them_and_their_last_button_acts(): void
    {
        $world = $this->world = World::of(<<<'SCRIPT'
            app A
            table Jars, each a Jar
              Name is a text
            screen S, first
              Pages, ending with "Have {count(jars)}", which may be skipped
                page
                  Text "one"
                page
                  Repeat for each of jars
                    Text "{name}"
                finished:
                  add a Jar
                    set Name = "New"
              Pages
                page
                  Text "alone"
              Pages
                finished:
                  say "Through."
            SCRIPT);
        $world->add('Jars', ['name' => 'Plum']);
        [$pages, $bare, $unnamed] = $world->show()['nodes'];

        self::assertSame(['Have 1', true], [$pages['ending'], $pages['skips']]);
        self::assertSame('one', $pages['pages'][0]['nodes'][0]['text']);
        self::assertSame('Plum', $pages['pages'][1]['nodes'][0]['items'][0]['nodes'][0]['text']);
        self::assertSame([false, 'Done', []], [isset($bare['ending']), $unnamed['ending'], $unnamed['pages']]);
        self::assertSame('', $this->tap('/screens/0/lines/0')->refused);
        self::assertSame('Have 2', $world->show()['nodes'][0]['ending']);
        self::assertSame('Nothing happens here yet.', $this->tap('/screens/0/lines/1')->refused);
    }
}
