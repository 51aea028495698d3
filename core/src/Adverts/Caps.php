<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

/** How many adverts somebody sees at most. */
final readonly class Caps
{
    public const HOUR = 3600;

    public const DAY = 86400;

    /**
     * @param  int|null  $hourly  in any 3,600 seconds; null for as many as there are
     * @param  int|null  $daily  in any 86,400 seconds
     * @param  int  $after  none in the first so many visits
     */
    public function __construct(public ?int $hourly = null, public ?int $daily = null, public int $after = 0)
    {
    }

    /**
     * Whether one more may be shown.
     *
     * @param  list<int>  $shown  when others were, in seconds
     * @param  int  $visits  so far, this one counted
     */
    public function allow(array $shown, int $now, int $visits): bool
    {
        $within = fn (int $seconds): int => count(array_filter($shown, fn (int $at): bool => $at > $now - $seconds && $at <= $now));

        return $visits > $this->after
            && ($this->hourly === null || $within(self::HOUR) < $this->hourly)
            && ($this->daily === null || $within(self::DAY) < $this->daily);
    }
}
