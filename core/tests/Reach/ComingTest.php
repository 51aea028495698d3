<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reach;

use DateTimeImmutable;
use Lanai\Core\Reach\Coming;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ComingTest extends TestCase
{
    /** By hand: the first of March 2026 is a Sunday, so that the second begins another week. */
    #[TestWith([null, null, '2026-03-01T10:00:00Z', [true, true, true, true, null]])]
    #[TestWith(['2026-03-01', '2026-03-01', '2026-03-01T23:59:59Z', [false, false, false, false, null]])]
    #[TestWith(['2026-03-01', '2026-03-01', '2026-03-02T00:00:00Z', [false, true, true, false, 1]])]
    #[TestWith(['2026-03-01', '2026-03-02', '2026-03-02T09:00:00Z', [false, false, false, false, null]])]
    #[TestWith(['2026-03-01', '2026-03-02', '2026-03-08T12:00:00Z', [false, true, false, false, 7]])]
    #[TestWith(['2026-03-01', '2026-03-08', '2026-03-09T12:00:00Z', [false, true, true, false, null]])]
    #[TestWith(['2026-03-01', '2026-03-09', '2026-03-31T12:00:00Z', [false, true, true, false, 30]])]
    #[TestWith(['2026-03-01', '2026-03-31', '2026-04-01T12:00:00Z', [false, true, false, true, null]])]
    // The last days of a year may be of the first week of the next one.
    #[TestWith(['2025-12-29', '2025-12-29', '2026-01-01T12:00:00Z', [false, true, false, true, null]])]
    public function test_what_a_day_counts_for(?string $first, ?string $last, string $now, array $counts): void
    {
        $coming = Coming::at((new DateTimeImmutable($now))->getTimestamp(), $first, $last);
        self::assertSame($counts, [$coming->isNew, $coming->ofDay, $coming->ofWeek, $coming->ofMonth, $coming->back]);
    }

    /** Counted one after the other it is the same as counted from the whole list of days, in the plainest way. */
    public function test_counters_are_those_of_the_whole_list(): void
    {
        $random = new Randomizer(new Mt19937(19));
        $counted = $whole = ['people' => [], 'weeks' => [], 'months' => [], 'back' => [], 'new' => []];
        for ($person = 0; $person < 300; $person++) {
            $days = [];
            $at = strtotime('2026-01-01T00:00:00Z') + $random->getInt(0, 60 * 86400);
            for ($i = $random->getInt(1, 30); $i > 0; $i--) {
                $days[] = $at;
                $at += $random->getInt(60, $random->getInt(0, 2) === 0 ? 9 * 86400 : 86400);
            }
            $first = $last = null;
            foreach ($days as $now) {
                $coming = Coming::at($now, $first, $last);
                $add = function (string $what, string $key) use (&$counted): void {
                    $counted[$what][$key] = ($counted[$what][$key] ?? 0) + 1;
                };
                $coming->isNew && $add('new', $coming->day);
                $coming->ofDay && $add('people', $coming->day);
                $coming->ofWeek && $add('weeks', Coming::week($coming->day));
                $coming->ofMonth && $add('months', substr($coming->day, 0, 7));
                $coming->back === null || $add('back', "$coming->first+$coming->back");
                [$first, $last] = [$coming->first, $coming->day];
            }
            $dates = array_values(array_unique(array_map(fn (int $now): string => gmdate('Y-m-d', $now), $days)));
            $each = [
                'new' => [$dates[0]],
                'people' => $dates,
                'weeks' => array_unique(array_map(fn (string $d): string => gmdate('o-\WW', (int) strtotime("$d UTC")), $dates)),
                'months' => array_unique(array_map(fn (string $d): string => substr($d, 0, 7), $dates)),
                'back' => array_filter(
                    array_map(fn (string $d): string => "$dates[0]+".(int) round((strtotime("$d UTC") - strtotime("$dates[0] UTC")) / 86400), $dates),
                    fn (string $key): bool => in_array(substr((string) strrchr($key, '+'), 1), ['1', '7', '30'], true),
                ),
            ];
            foreach ($each as $what => $keys) {
                foreach ($keys as $key) {
                    $whole[$what][$key] = ($whole[$what][$key] ?? 0) + 1;
                }
            }
        }
        foreach ($whole as $what => $counts) {
            ksort($counts);
            ksort($counted[$what]);
            self::assertSame($counts, $counted[$what], $what);
        }
    }
}
