<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists as calendars, the days that a list is narrowed to, and what an empty one offers. */
final class CalendarTest extends TestCase
{
    private const APP = <<<'SCRIPT'
        app Hours

        table Slots, each a Slot
          Name is a text
          Begins is a date and time
          Ends is a date

        screen S, first
          List of Slots, by Begins upward, as a calendar
            shows name as title
          List of Slots, by Name upward, offering a choice of Begins and Ends
            shows name as title
        SCRIPT;

    private World $world;

    protected function setUp(): void
    {
        $this->world = World::of(self::APP);
    }

    /** @param  array<string, string>  $chips @return array<string, mixed> */
    private function show(int $line, array $chips = [], string $zone = 'UTC', string $now = '2026-12-24T09:30:00Z'): array
    {
        $at = "/screens/0/lines/$line";
        $visit = new Visit(new Moment(new DateTimeImmutable($now), new DateTimeZone($zone)), chips: [$at => $chips]);

        return (new Player($this->world->blueprint, $this->world->store, rehearsal: true))->show($visit, Trail::none())['nodes'][$line];
    }

    private function slot(string $name, ?string $begins, ?string $ends = null): void
    {
        $at = $begins === null ? null : World::at($begins);
        $this->world->add('Slots', ['name' => $name, 'begins' => $at, 'ends' => $ends === null ? null : Day::of($ends)]);
    }

    public function test_a_calendar_tells_the_day_and_time_of_each_where_the_person_is_and_opens_at_the_next(): void
    {
        $this->slot('past', '2026-12-01 10:00');
        $this->slot('late', '2026-12-26 23:30');
        $this->slot('never', null);
        $here = $this->show(0);
        $item = fn (array $node, string $title): array => array_column($node['items'], null, 'title')[$title];
        self::assertSame(['2026-12-26', '23:30'], [$item($here, 'late')['day'], $item($here, 'late')['time']]);
        self::assertSame('2026-12-26', $here['opened']);
        self::assertSame('One has no day and is not in the calendar.', $here['rest']);
        self::assertArrayNotHasKey('day', $item($here, 'never'));

        $there = $this->show(0, zone: 'Pacific/Auckland');
        self::assertSame(['2026-12-27', '12:30'], [$item($there, 'late')['day'], $item($there, 'late')['time']]);
        self::assertSame('2026-12-26', $this->show(0, now: '2027-05-01T00:00:00Z')['opened']);
        self::assertArrayNotHasKey('opened', (fn () => World::of(self::APP)->show()['nodes'][0])());
    }

    /** @param  list<string>  $found */
    #[DataProvider('stretches')]
    public function test_a_list_is_narrowed_to_the_days_from_one_to_another(string $field, string $days, string $zone, array $found, string $taken): void
    {
        $this->slot('a', '2026-12-24 00:00', '2026-12-24');
        $this->slot('b', '2026-12-25 12:00', '2026-12-25');
        $this->slot('c', '2026-12-26 23:59', '2026-12-26');
        $this->slot('d', null);
        $node = $this->show(1, [$field => $days], $zone);
        self::assertSame($found, array_column($node['items'], 'title'));
        $chip = array_column($node['chips'], null, 'field')[$field];
        self::assertSame([$taken, true], [$chip['chosen'], $chip['days']]);
    }

    /** @return iterable<string, array{string, string, string, list<string>, string}> */
    public static function stretches(): iterable
    {
        yield 'a date, both ends in' => ['ends', '2026-12-24/2026-12-25', 'UTC', ['a', 'b'], '2026-12-24/2026-12-25'];
        yield 'one day' => ['begins', '2026-12-26/2026-12-26', 'UTC', ['c'], '2026-12-26/2026-12-26'];
        yield 'the wrong way round' => ['ends', '2026-12-26/2026-12-25', 'UTC', ['b', 'c'], '2026-12-26/2026-12-25'];
        yield 'a moment lies on a day where the person is' => ['begins', '2026-12-27/2026-12-27', 'Asia/Tokyo', ['c'], '2026-12-27/2026-12-27'];
        yield 'no such day' => ['ends', '2026-02-30/2026-12-25', 'UTC', ['a', 'b', 'c', 'd'], ''];
        yield 'nonsense' => ['begins', 'x', 'UTC', ['a', 'b', 'c', 'd'], ''];
    }

    public function test_no_more_than_its_bound_stand_in_a_calendar_and_that_is_told(): void
    {
        foreach (range(1, 2001) as $i) {
            $this->slot("s$i", '2026-12-24 10:00');
        }
        $node = $this->show(0);
        self::assertSame([2000, false, 'Only the first 2,000 are shown.'], [count($node['items']), $node['more'], $node['rest']]);
    }

    public function test_names_in_their_order_have_an_alphabet_once_they_are_many(): void
    {
        foreach (range(1, 39) as $i) {
            $this->slot("s$i", null);
        }
        self::assertArrayNotHasKey('alphabet', $this->show(1));
        $this->slot('s40', null);
        self::assertTrue($this->show(1)['alphabet']);
        self::assertArrayNotHasKey('alphabet', $this->show(0));
    }

    /** @param  array{at: string, label: string}|null  $first */
    #[DataProvider('offers')]
    public function test_an_empty_list_offers_what_adds_the_first(string $button, ?array $first): void
    {
        $node = World::of(
            "app X\n\ntable Slots, each a Slot\n  Name is a text\n\ntable Notes, each a Note\n  Name is a text\n\n"
                ."screen S, first\n  List of Slots, with a search box\n    when empty: \"None.\"\n$button\n"
                ."screen New\n  Form for a new Slot\n\nscreen Note\n  Form for a new Note\n",
        )->show()['nodes'][0];
        self::assertSame($first, $node['first'] ?? null);
    }

    /** @return iterable<string, array{string, array{at: string, label: string}|null}> */
    public static function offers(): iterable
    {
        yield 'none' => ['', null];
        yield 'to its form' => ["  Floating button \"New\"\n    tapped: go to New\n", ['at' => '/screens/0/lines/1', 'label' => 'New']];
        yield 'adds at once' => [
            "  Floating button \"Add\"\n    tapped:\n      confirm \"Sure?\"\n      add a Slot\n",
            ['at' => '/screens/0/lines/1', 'label' => 'Add'],
        ];
        yield 'in a branch' => [
            "  Floating button \"Add\"\n    tapped:\n      if 1 == 1\n        then:\n          go to New\n",
            ['at' => '/screens/0/lines/1', 'label' => 'Add'],
        ];
        yield 'on the page, where it is seen' => ["  Button \"New\"\n    tapped: go to New\n", null];
        yield 'to the form of something else' => ["  Floating button \"New\"\n    tapped: go to Note\n", null];
        yield 'not now' => ["  Floating button \"New\", enabled if 1 == 2\n    tapped: go to New\n", null];
        yield 'not here' => ["  Floating button \"New\", if 1 == 2\n    tapped: go to New\n", null];
    }

    public function test_what_was_narrowed_to_nothing_offers_all_again_and_adds_nothing(): void
    {
        $this->slot('a', null, '2026-12-24');
        $node = $this->show(1, ['ends' => '2020-01-01/2020-01-02']);
        self::assertSame([true, false, 'Nothing is found.'], [$node['narrowed'], isset($node['first']), $node['empty']]);
    }
}
