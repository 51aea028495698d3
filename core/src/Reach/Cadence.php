<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

use Lanai\Core\Text\Pattern;

/** How often something is done by itself, and at which time of the day. */
final class Cadence
{
    public const EVERY = ['hour' => 'hour', 'day' => 'day', 'monday' => 'Monday', 'month' => 'first of the month'];

    /**
     * The times, as cron writes them (minute, hour, day of the month, month, day of the week); '' for none.
     *
     * @param  string  $every  a key of EVERY, or also minute or quarter
     * @param  string  $at  such as "07:30"; midnight where it cannot be read
     */
    public static function cron(string $every, string $at): string
    {
        [$hour, $minute] = self::ofDay($at) ?? [0, 0];

        return match ($every) {
            'minute' => '* * * * *',
            'quarter' => '*/15 * * * *',
            'hour' => "$minute * * * *",
            'day' => "$minute $hour * * *",
            'monday' => "$minute $hour * * 1",
            'month' => "$minute $hour 1 * *",
            default => '',
        };
    }

    /** @return array{int, int}|null hour and minute of a time such as "07:30" */
    public static function ofDay(string $at): ?array
    {
        return Pattern::match('/^([01]?\d|2[0-3]):([0-5]\d)$/D', $at, $found) ? [(int) $found[1], (int) $found[2]] : null;
    }
}
