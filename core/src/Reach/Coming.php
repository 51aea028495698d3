<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

use DateTimeImmutable;
use DateTimeZone;

/**
 * What somebody's coming on a day counts for. Days, weeks (ISO 8601, from Monday) and months are those of UTC. Who came on the first day, and again on
 * exactly the first, seventh or thirtieth day after it, has come back on that day (day-n retention, common practice, no source).
 */
final readonly class Coming
{
    /** Days after the first on which coming back is counted. */
    public const BACK = [1, 7, 30];

    /**
     * @param  string  $day  as 2026-03-01
     * @param  bool  $isNew  the first time ever
     * @param  bool  $ofDay  the first time on that day, and so in that week and that month
     * @param  int|null  $back  the day after the first on which they have come back; null for none that is counted
     */
    private function __construct(
        public string $day,
        public bool $isNew,
        public bool $ofDay,
        public bool $ofWeek,
        public bool $ofMonth,
        public string $first,
        public ?int $back,
    ) {
    }

    /**
     * @param  int  $now  in seconds
     * @param  string|null  $first  the day on which they came first; null for never before
     * @param  string|null  $last  the day on which they came last
     */
    public static function at(int $now, ?string $first, ?string $last): self
    {
        $day = gmdate('Y-m-d', $now);
        if ($first === null || $last === null) {
            return new self($day, true, true, true, true, $day, null);
        }
        $after = self::days($first, $day);
        $ofDay = $last !== $day;

        return new self(
            $day,
            false,
            $ofDay,
            self::week($last) !== self::week($day),
            substr($last, 0, 7) !== substr($day, 0, 7),
            $first,
            $ofDay && in_array($after, self::BACK, true) ? $after : null,
        );
    }

    /** As 2026-W09. */
    public static function week(string $day): string
    {
        return self::moment($day)->format('o-\WW');
    }

    private static function days(string $from, string $to): int
    {
        return (int) self::moment($from)->diff(self::moment($to))->format('%r%a');
    }

    private static function moment(string $day): DateTimeImmutable
    {
        return new DateTimeImmutable($day, new DateTimeZone('UTC'));
    }
}
