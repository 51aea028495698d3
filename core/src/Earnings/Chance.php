<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Numbers at random that are the same for the same seed and place, so that another assumption moves a rehearsal and not its luck. */
final readonly class Chance
{
    private const FINE = 1 << 53;

    private Randomizer $random;

    public function __construct(int $seed, int $month = 0, int $customer = 0)
    {
        $this->random = new Randomizer(new Xoshiro256StarStar(hash('sha256', pack('q3', $seed, $month, $customer), true)));
    }

    /** From 0 up to and without 1. */
    public function next(): float
    {
        return $this->random->getInt(0, self::FINE - 1) / self::FINE;
    }

    /** How many come where so many are expected (Poisson, by inversion: with the same luck more expected are never fewer). */
    public function count(float $expected): int
    {
        $luck = $this->next();
        $chance = $below = 0.0;
        // From far below on, so that the first one is not too small to be told from nothing.
        $count = (int) max(0, floor($expected - 12 * sqrt($expected) - 12));
        $logs = $expected <= 0 ? 0.0 : $count * log($expected) - $expected - self::logFactorial($count);
        for ($chance = $expected <= 0 ? 1.0 : exp($logs); ($below += $chance) < $luck && $count < 1_000_000;) {
            $chance *= $expected / ++$count;
            if ($chance < 1e-300) {
                break;
            }
        }

        return $count;
    }

    /** Stirling's series (Abramowitz and Stegun, 6.1.41, from memory); exact sums where it is short. */
    private static function logFactorial(int $n): float
    {
        if ($n < 20) {
            return array_sum(array_map(log(...), $n < 2 ? [1] : range(2, $n)));
        }

        return $n * log($n) - $n + 0.5 * log(2 * M_PI * $n) + 1 / (12 * $n) - 1 / (360 * $n ** 3);
    }
}
