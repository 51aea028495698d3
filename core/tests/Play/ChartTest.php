<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Charts by the days that things lie on, in parts, and with a goal. */
final class ChartTest extends TestCase
{
    /** @param  list<array{string, string, int}>  $rows when, what, how much @return array<string, mixed> */
    private function drawn(string $chart, array $rows): array
    {
        $world = World::of(
            "app X\n\ntable Swims, each a Swim\n  At is a date and time\n  Kind is a text\n  Long is a whole number\n\n"
                ."screen S, first\n  Chart of Swims, $chart\n",
        );
        foreach ($rows as [$at, $kind, $long]) {
            $world->add('Swims', ['at' => $at === '' ? null : World::at($at), 'kind' => $kind, 'long' => $long]);
        }

        return $world->show()['nodes'][0];
    }

    /** @param  array<string, int>  $bars the day with which each begins => its value */
    #[DataProvider('periods')]
    public function test_days_are_put_together_and_none_is_left_out(string $every, array $bars): void
    {
        // 2026-01-01 is a Thursday, of the week that begins on 2025-12-29 (ISO 8601).
        $rows = [['2026-01-01 09:00', 'a', 1], ['2025-12-31 23:59', 'a', 2], ['2026-01-04 10:00', 'a', 4], ['2026-01-18 10:00', 'a', 8]];
        $node = $this->drawn("by at, for each $every, adding up long", $rows);
        $found = array_column($node['points'], 'value', 'when');
        self::assertSame($bars, $every === 'day' ? array_filter($found) : $found);
        if ($every === 'day') {
            self::assertCount(19, $found);
        }
    }

    /** @return iterable<string, array{string, array<string, int>}> */
    public static function periods(): iterable
    {
        yield 'days' => ['day', ['2025-12-31' => 2, '2026-01-01' => 1, '2026-01-04' => 4, '2026-01-18' => 8]];
        yield 'weeks' => ['week', ['2025-12-29' => 7, '2026-01-05' => 0, '2026-01-12' => 8]];
        yield 'months' => ['month', ['2025-12-01' => 2, '2026-01-01' => 13]];
        yield 'years' => ['year', ['2025-01-01' => 2, '2026-01-01' => 13]];
    }

    public function test_of_many_days_the_last_ones_are_drawn_and_the_others_told(): void
    {
        $node = $this->drawn('by at, for each day', [['2026-01-01 09:00', 'a', 1], ['2026-05-01 09:00', 'a', 1], ['', 'a', 1]]);
        self::assertSame([60, '2026-05-01', '62 more are not drawn.'], [count($node['points']), end($node['points'])['when'] ?? '', $node['rest']]);
    }

    public function test_bars_have_parts_the_largest_first_and_the_rest_as_one(): void
    {
        $rows = [];
        foreach (['a', 'b', 'c', 'd', 'e', 'f', 'g'] as $i => $kind) {
            $rows[] = ['2026-01-01 09:00', $kind, 10 - $i];
        }
        $rows[] = ['2026-02-01 09:00', 'b', 3];
        $node = $this->drawn('by at, for each month, in parts by kind, adding up long', $rows);
        self::assertSame(['b', 'a', 'c', 'd', 'e', 'Others'], $node['parts']);
        self::assertSame([9, 10, 8, 7, 6, 5 + 4], array_column($node['points'][0]['parts'], 'value'));
        self::assertSame([3, 0, 0, 0, 0, 0], array_column($node['points'][1]['parts'], 'value'));
        foreach ($node['points'] as $point) {
            self::assertSame($point['value'], array_sum(array_column($point['parts'], 'value')));
        }
    }

    public function test_parts_are_as_exact_beyond_what_is_read_at_once(): void
    {
        $rows = [];
        for ($i = 0; $i < 2100; $i++) {
            $rows[] = ['2026-01-01 09:00', $i % 3 === 0 ? 'x' : 'y', 1];
        }
        $node = $this->drawn('by at, for each year, in parts by kind', $rows);
        self::assertSame([2100, [1400, 700]], [$node['points'][0]['value'], array_column($node['points'][0]['parts'], 'value')]);
    }

    public function test_a_goal_is_a_line_at_its_height_and_a_ring_has_none(): void
    {
        $rows = [['2026-01-01 09:00', 'a', 4]];
        self::assertSame(['value' => 10, 'text' => '10'], $this->drawn('by kind, adding up long, with a goal of 5 * 2', $rows)['goal']);
        self::assertArrayNotHasKey('goal', $this->drawn('by kind, adding up long, as a ring, with a goal of 10', $rows));
        self::assertSame([], $this->drawn('by at, for each month, in parts by kind', [])['points']);
    }
}
