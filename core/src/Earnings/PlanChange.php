<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;
use DateTimeZone;

/**
 * Another plan at once, before what is paid is over. What is left of that, by the second and rounded down, is taken off the new price; where more is left
 * than that, nothing is paid and the new period is as much longer (common practice, no source).
 */
final readonly class PlanChange
{
    /**
     * @param  int  $unused  what is left of what was paid, in minor units
     * @param  int  $charge  what is paid now, in minor units
     * @param  DateTimeImmutable  $until  how far is paid then
     */
    private function __construct(public int $unused, public int $charge, public DateTimeImmutable $until)
    {
    }

    /**
     * @param  int  $worth  what the period that runs is worth, in minor units; 0 in free days
     * @param  DateTimeImmutable  $from  when it began, before it ends
     * @param  DateTimeImmutable  $until  when it ends
     * @param  int  $price  of a period of the other plan, in minor units, above 0
     */
    public static function now(
        DateTimeImmutable $now,
        int $worth,
        DateTimeImmutable $from,
        DateTimeImmutable $until,
        Cycle $to,
        int $price,
        DateTimeZone $zone,
    ): self {
        $whole = max(1, $until->getTimestamp() - $from->getTimestamp());
        $left = max(0, min($whole, $until->getTimestamp() - $now->getTimestamp()));
        $unused = intdiv($worth * $left, $whole);
        $ends = $to->begins(1, $now, $zone);
        if ($unused <= $price) {
            return new self($unused, $price - $unused, $ends);
        }
        $more = intdiv(($unused - $price) * ($ends->getTimestamp() - $now->getTimestamp()), max(1, $price));

        return new self($unused, 0, $ends->setTimestamp($ends->getTimestamp() + $more));
    }
}
