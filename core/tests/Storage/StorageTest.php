<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Storage;

use Lanai\Core\Data\TableMap;
use Lanai\Core\Edits\Uses;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Storage\Conversion;
use Lanai\Core\Storage\Indexes;
use Lanai\Core\Storage\IndexKey;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class StorageTest extends TestCase
{
    private const SCRIPT = "app A\ntable Spots, each a Spot\n  Name is a text\ntable Swims, each a Swim\n  Title is a text\n  Spot is one Spot\n"
        ."  Starts is a date and time\n  Places is a whole number\n  Open is yes or no\nscreen S, first\n  List of Swims";

    /** An index serves a query by the fields that must be equal, then by what it sorts by or where it lies (SQLite, "Query Planning"). */
    #[TestWith([' where starts > now(), by Starts upward', 'swims: starts'])]
    #[TestWith([' where open and starts > now(), by Starts upward', 'swims: open starts'])]
    #[TestWith([' where places == 3, by Title upward then Starts upward', 'swims: places title~ starts'])]
    #[TestWith([' where places == 3, by Title upward then Starts downward', 'swims: places title~'])]
    #[TestWith([' where spot == null and places > 3', 'swims: spot places'])]
    #[TestWith([' where length(title) > 3', ''])]
    #[TestWith([', by Places downward', 'swims: places'])]
    public function test_the_indexes_follow_from_the_lists(string $clauses, string $index): void
    {
        $indexes = array_map(
            fn (array $i): string => $i[0]->storedAs().': '.implode(' ', array_map(fn (IndexKey $k): string => $k->name(), $i[1])),
            Indexes::of(Blueprint::fromScript(self::SCRIPT.$clauses)),
        );

        self::assertSame(array_values(array_filter(array_unique(str_starts_with($index, 'swims: spot') ? [$index] : ['swims: spot', $index]))), $indexes);
    }

    public function test_a_condition_over_a_link_has_an_index_at_each_end(): void
    {
        $indexes = array_map(
            fn (array $i): string => $i[0]->storedAs().': '.implode(' ', array_map(fn (IndexKey $k): string => $k->name(), $i[1])),
            Indexes::of(Blueprint::fromScript(self::SCRIPT.' where spot.name == "Cove" and starts > now(), by Starts upward')),
        );

        self::assertSame(['swims: spot starts', 'spots: name'], $indexes);
    }

    public function test_a_list_that_reads_every_row_is_found_once_there_are_many(): void
    {
        $found = fn (string $where, int $rows): array => array_values(
            array_map(
                fn (Finding $f): string => $f->sentence,
                array_filter(
                    Findings::in(Reading::of(Blueprint::fromScript(self::SCRIPT." where $where"), 0, ['swims' => $rows])),
                    fn (Finding $f): bool => $f->rule === 'SlowList',
                ),
            ),
        );

        self::assertSame([], $found('length(title) > 3', 400));
        self::assertStringContainsString('this list reads all 250000 Swims each time', $found('length(title) > 3', 250000)[0]);
        self::assertStringContainsString('this list reads all 250000 Swims each time', $found('length(title) > 3, by Starts upward', 250000)[0]);
        self::assertSame([], $found('places > 3 and length(title) > 3', 250000));
        self::assertStringContainsString('computed row by row, over at most 200,000 Swims; there are 250,000', $found('text(spot) == "x"', 250000)[0]);
    }

    #[TestWith(['Text "{count(swims)}"', 1_000_000, []])]
    #[TestWith(['Text "{count(where(swims, places > 3))}"', 1_000_000, []])]
    #[TestWith(['Text "{count(where(swims, text(spot) == \'x\'))}"', 200_000, []])]
    #[TestWith(['Text "{count(where(swims, text(spot) == \'x\'))}"', 200_001, ['computed row by row, over at most 200,000 Swims. There are 200,001']])]
    #[TestWith(["Button \"B\"\n    tapped:\n      change all of where(swims, open)\n        set Places = 1", 20_000, []])]
    #[
        TestWith([
            "Button \"B\"\n    tapped:\n      change all of where(swims, open)\n        set Places = 1",
            20_001,
            ['at most 20,000 Swims. There are 20,001'],
        ]),
    ]
    #[TestWith(["Button \"B\"\n    tapped:\n      remove all of swims", 20_001, ['at most 20,000 Swims. There are 20,001']])]
    #[TestWith(["Button \"B\"\n    tapped:\n      for each of swims\n        lower places by 1", 20_001, ['at most 20,000 Swims. There are 20,001']])]
    #[TestWith(["Repeat for each of swims\n    Text \"x\"", 200, []])]
    #[TestWith(["Repeat for each of swims\n    Text \"x\"", 201, ['Only the first 200 Swims are repeated here, of 201']])]
    #[TestWith(["Repeat for each of spot.swims\n    Text \"x\"", 201, []])]
    #[TestWith(['Input Which is one Swim', 5_000, []])]
    #[TestWith(['Form for a new Booking asking Swim, saying "Go"', 5_000, []])]
    #[TestWith(["Button \"B\"\n    tapped:\n      ask \"Which?\" for Which is one Swim", 101, ['Only the first 100 of 101 Swims can be picked']])]
    #[TestWith(["Button \"B\"\n    tapped:\n      ask \"Which?\" for Which is one Swim", 100, []])]
    #[TestWith(['Text "{count(where(swims, count(where(swims, places > 3)) > 3))}"', 100_000, []])]
    #[TestWith(['Text "{count(where(swims, any(spots, name == title)))}"', 1_000_000, []])]
    #[TestWith(['Text "{count(where(swims, any(bookings, lower(title) == \'x\')))}"', 100_000, []])]
    #[TestWith(['List of Swims where count(where(bookings, swim == this)) > 3', 100_000, []])]
    #[TestWith(['Text "{count(where(swims, any(where(tickets, seats > places))))}"', 100_000, ['compares about 40 billion pairs of rows with one another']])]
    #[TestWith(['List of Swims where any(where(tickets, seats > places))', 100_000, ['compares about 40 billion pairs of rows with one another']])]
    public function /** @param  list<string>  $words */
    test_what_cannot_take_so_many_rows_is_found_before(string $line, int $rows, array $words): void
    {
        $script =
            self::SCRIPT.
            "\ntable Bookings, each a Booking\n  Swim is one Swim\ntable Tickets, each a Ticket\n  Seats is a whole number\nscreen T, about one Spot\n  $line";
        $found = array_values(
            array_filter(
                Findings::in(Reading::of(Blueprint::fromScript($script), 0, ['swims' => $rows, 'tickets' => $rows])),
                fn (Finding $f): bool => $f->rule === 'MoreRowsThanTaken',
            ),
        );

        self::assertCount(count($words), $found, implode("\n", array_map(fn (Finding $f): string => $f->sentence, $found)));
        self::assertStringContainsString($words[0] ?? '', $found[0]->sentence ?? '');
    }

    public function test_a_conversion_counts_what_it_keeps_and_names_what_it_loses(): void
    {
        $field = Blueprint::fromScript("app A\ntable T, each a U\n  Day is a date")->tables[0]->fields[0];
        $conversion = new Conversion($field, 'TEXT as moment');

        self::assertSame(['2026-12-24', null], [$conversion->of('2026-12-24T07:30:00Z'), $conversion->of(null)]);
        $texts = new Conversion($field, 'TEXT as text');
        array_map($texts->of(...), ['2026-12-24', 'soon', '2027-02-29']);
        self::assertSame(
            '1 of 3 values of Day convert. 2 do not, such as “soon”, “2027-02-29”: they become empty, are kept aside, and come back when you undo this.',
            $texts->sentence(),
        );
        $money = new Conversion(Blueprint::fromScript("app A\ntable T, each a U\n  Fee is a decimal")->tables[0]->fields[0], 'INTEGER as money EUR');
        self::assertSame(12.5, $money->of(1250));
        self::assertSame('All 1 values of Fee convert.', $money->sentence());
    }

    public function test_every_use_of_a_field_is_listed_once(): void
    {
        $uses = Uses::of(World::saltlark()->blueprint, '/tables/1/fields/3');

        self::assertContains(
            [
                'at' => '/screens/1/lines/6/tapped/0',
                'place' => 'screen Swim',
                'sentence' => 'lower swim.places by 1 while it is above 0, otherwise say "Somebody took the last place a moment ago. Have a look at '
                    .'the other swims."',
            ],
            $uses,
        );
        self::assertContains(
            [
                'at' => '/screens/2/lines/1',
                'place' => 'screen Offer',
                'sentence' => 'Form for a new Swim asking Title, Spot, Starts, Places, saying "Put it on the list"',
            ],
            $uses,
        );
        self::assertSame(count($uses), count(array_unique(array_column($uses, 'at'))));
        self::assertContains('Booked = count(bookings)', array_column(Uses::of(World::saltlark()->blueprint, '/tables/2'), 'sentence'));
        self::assertSame([], Uses::of(World::saltlark()->blueprint, '/tables/3/fields/1'));
    }

    public function test_the_map_leaves_no_box_upon_another_and_draws_every_link(): void
    {
        $map = TableMap::of(World::saltlark()->blueprint, ['swims' => 11]);
        $boxes = array_column($map['boxes'], null, 'stored');

        self::assertSame(
            ['spots', 'people', 'swims', 'bookings'],
            array_values(array_intersect(['spots', 'people', 'swims', 'bookings'], array_keys($boxes))),
        );
        foreach ($boxes as $a) {
            foreach ($boxes as $b) {
                $apart =
                    $a === $b ||
                    $b['x'] >= $a['x'] + $a['width'] ||
                    $a['x'] >= $b['x'] + $b['width'] ||
                    $b['y'] >= $a['y'] + $a['height'] ||
                    $a['y'] >= $b['y'] + $b['height'];
                self::assertTrue($apart, "{$a['name']} and {$b['name']}");
            }
        }
        self::assertLessThan($boxes['swims']['x'], $boxes['spots']['x']);
        self::assertSame(
            ['swims>spots', 'swims>people', 'bookings>swims', 'bookings>people', 'people>spots'],
            array_map(fn (array $l): string => "{$l['from']}>{$l['to']}", $map['links']),
        );
        self::assertSame(['width' => 0.0, 'height' => 0.0, 'boxes' => [], 'links' => []], TableMap::of(Blueprint::fromScript('app A')));
    }
}
