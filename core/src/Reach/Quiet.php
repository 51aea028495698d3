<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

use DateTimeImmutable;
use DateTimeZone;

/** The hours of the day in which an app does not disturb people, by the clock where each of them is. */
final readonly class Quiet
{
    /**
     * @param  array{int, int}  $from  hour and minute
     * @param  array{int, int}  $until  the first minute that is not quiet any more
     */
    private function __construct(private array $from, private array $until)
    {
    }

    /** Null where there are none: a time is missing or cannot be read, or both are the same. */
    public static function between(string $from, string $until): ?self
    {
        [$begins, $ends] = [Cadence::ofDay($from), Cadence::ofDay($until)];

        return $begins === null || $ends === null || $begins === $ends ? null : new self($begins, $ends);
    }

    /** The end of the quiet hours in which a moment lies; null where it lies in none. Nights on which the clock is changed are as long as they are. */
    public function endAfter(DateTimeImmutable $now, DateTimeZone $zone): ?DateTimeImmutable
    {
        $there = $now->setTimezone($zone);
        foreach (['yesterday', 'today'] as $day) {
            $midnight = $there->modify($day);
            $begins = $midnight->setTime(...$this->from);
            $ends = ($this->from < $this->until ? $midnight : $midnight->modify('+1 day'))->setTime(...$this->until);
            if ($begins <= $there && $there < $ends) {
                return $ends;
            }
        }

        return null;
    }
}
