<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** An amount in whole parts that add up to it, whatever they are. */
final class Spread
{
    /**
     * In parts that are as equal as they can be: no two differ by more than one, the larger ones spread evenly.
     *
     * @param  int  $amount  minor units
     * @param  positive-int  $parts
     * @return list<int>
     */
    public static function evenly(int $amount, int $parts): array
    {
        $spread = [];
        for ($i = 1; $i <= $parts; $i++) {
            // What is due by the end of each part, less what was due by its beginning.
            $spread[] = self::share($amount, $i, $parts) - self::share($amount, $i - 1, $parts);
        }

        return $spread;
    }

    /** What is due of an amount after so many of its parts, rounded towards zero. */
    public static function share(int $amount, int $of, int $parts): int
    {
        return intdiv($amount * min($of, $parts), $parts);
    }

    /**
     * By weights, by the largest remainder: each part is its exact share or one more, and they add up.
     *
     * @param  list<int>  $weights  none below zero, not all zero
     * @return list<int>
     */
    public static function by(int $amount, array $weights): array
    {
        $sign = $amount < 0 ? -1 : 1;
        $all = array_sum($weights);
        $parts = array_map(fn (int $weight): int => intdiv(abs($amount) * $weight, $all), $weights);
        $left = array_map(fn (int $weight): int => abs($amount) * $weight % $all, $weights);
        arsort($left);
        foreach (array_slice(array_keys($left), 0, abs($amount) - array_sum($parts)) as $i) {
            $parts[$i]++;
        }

        return array_values(array_map(fn (int $part): int => $sign * $part, $parts));
    }
}
