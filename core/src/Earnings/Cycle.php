<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;
use DateTimeZone;

/** How often a plan is paid: so many weeks, months or years. */
final readonly class Cycle
{
    /**
     * @param  'week'|'month'|'year'  $unit
     * @param  positive-int  $count
     */
    public function __construct(public string $unit, public int $count = 1)
    {
    }

    /**
     * When the nth period begins; the 0th begins with the first payment. Each begins at the same time of day on the clock of the zone and on the
     * day of the month of the first one, or on the last day of a month that has no such day: after 31 January come 28 February and 31 March.
     *
     * @return DateTimeImmutable in UTC
     */
    public function begins(int $n, DateTimeImmutable $first, DateTimeZone $zone): DateTimeImmutable
    {
        $local = $first->setTimezone($zone);
        if ($this->unit === 'week') {
            return $local->modify(sprintf('%+d days', 7 * $this->count * $n))->setTimezone(new DateTimeZone('UTC'));
        }
        [$year, $month, $day] = array_map(intval(...), explode(' ', $local->format('Y n j')));
        $months = ($this->unit === 'year' ? 12 : 1) * $this->count * $n + $year * 12 + $month - 1;
        [$year, $month] = [intdiv($months, 12), $months % 12 + 1];
        $leap = $year % 4 === 0 && ($year % 100 !== 0 || $year % 400 === 0);
        $last = match (true) {
            $month !== 2 => 31 - ($month - 1) % 7 % 2,
            $leap => 29,
            default => 28,
        };

        return $local->setDate($year, $month, min($day, $last))->setTimezone(new DateTimeZone('UTC'));
    }
}
