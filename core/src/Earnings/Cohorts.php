<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;
use DateTimeZone;

/** Purchases by the month in which they began, and how many of them are still had after so many months. */
final class Cohorts
{
    /** So many months back, and so many months of age. */
    public const MOST = 24;

    /**
     * @param  iterable<array{DateTimeImmutable, list<array{DateTimeImmutable, DateTimeImmutable}>}>  $purchases  when each began, and from when until
     *     when it was had
     * @return list<array{month: string, began: int, kept: list<int>}> the oldest month first; of `kept` the nth is how many were had n months after they
     *     began, the first one being one month; it ends where some of the month's purchases are younger
     */
    public static function of(iterable $purchases, DateTimeImmutable $now): array
    {
        $zone = new DateTimeZone('UTC');
        $now = $now->setTimezone($zone);
        $oldest = $now->modify('first day of this month')->modify('-'.self::MOST.' months')->format('Y-m');
        $cohorts = [];
        foreach ($purchases as [$began, $had]) {
            $month = $began->setTimezone($zone)->format('Y-m');
            if ($month < $oldest || $began > $now) {
                continue;
            }
            $cohorts[$month] ??= ['began' => 0, 'kept' => array_fill(0, self::known($month, $now), 0)];
            $cohorts[$month]['began']++;
            foreach (array_keys($cohorts[$month]['kept']) as $n) {
                $at = (new Cycle('month'))->begins($n + 1, $began, $zone);
                $cohorts[$month]['kept'][$n] += self::has($had, $at) ? 1 : 0;
            }
        }
        ksort($cohorts);

        return array_map(fn (string $month, array $of): array => ['month' => $month] + $of, array_keys($cohorts), array_values($cohorts));
    }

    /** Months that all that began in a month are old. */
    private static function known(string $month, DateTimeImmutable $now): int
    {
        $months = (int) $now->format('Y') * 12 + (int) $now->format('n') - (int) substr($month, 0, 4) * 12 - (int) substr($month, 5);

        return max(0, min(self::MOST, $months - 1));
    }

    /** @param  list<array{DateTimeImmutable, DateTimeImmutable}>  $had */
    private static function has(array $had, DateTimeImmutable $at): bool
    {
        foreach ($had as [$from, $until]) {
            if ($from <= $at && $at < $until) {
                return true;
            }
        }

        return false;
    }
}
