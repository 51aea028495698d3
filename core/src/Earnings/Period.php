<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use Lanai\Core\Text\Pattern;

/** A month, a quarter or a year of the books, in UTC. */
final readonly class Period
{
    private const NAMES = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    /**
     * @param  string  $from  its first day, such as 2027-01-01
     * @param  string  $before  the first day after it
     */
    private function __construct(public string $from, public string $before, public string $inWords)
    {
    }

    /** @param  string  $written  such as 2027-01, 2027-Q1 or 2027; null where it is none of them */
    public static function of(string $written): ?self
    {
        if (Pattern::match('/^(\d{4})-(0[1-9]|1[0-2])$/D', $written, $found)) {
            return self::months((int) $found[1], (int) $found[2], 1, self::NAMES[(int) $found[2] - 1]." $found[1]");
        }
        if (Pattern::match('/^(\d{4})-Q([1-4])$/D', $written, $found)) {
            return self::months((int) $found[1], 3 * (int) $found[2] - 2, 3, "quarter $found[2] of $found[1]");
        }

        return Pattern::match('/^\d{4}$/D', $written) ? self::months((int) $written, 1, 12, $written) : null;
    }

    private static function months(int $year, int $first, int $count, string $inWords): self
    {
        $after = $first + $count;

        return new self(
            sprintf('%04d-%02d-01', $year, $first),
            $after > 12 ? sprintf('%04d-%02d-01', $year + 1, $after - 12) : sprintf('%04d-%02d-01', $year, $after),
            $inWords,
        );
    }
}
