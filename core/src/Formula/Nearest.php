<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** "Did you mean": the known word that begins so, or that has the fewest changed letters. A guess that is far off is worse than none. */
final class Nearest
{
    /** @param  list<string>  $known */
    public static function to(string $word, array $known): ?string
    {
        $begun = array_filter($known, fn (string $k): bool => strlen($word) > 2 && stripos($k, $word) === 0);
        if ($begun !== []) {
            usort($begun, fn (string $a, string $b): int => strlen($a) <=> strlen($b));

            return $begun[0];
        }
        $best = null;
        $least = max(2, intdiv(strlen($word), 3)) + 1;
        foreach ($known as $candidate) {
            $distance = levenshtein(strtolower($word), strtolower($candidate));
            // Two letters that changed places are one slip; in a short word two slips are most of it.
            $distance -=
                $distance === 2 && strlen($word) === strlen($candidate) && count_chars(strtolower($word), 1) === count_chars(strtolower($candidate), 1)
                    ? 1
                    : 0;
            if ($distance < $least && ($distance < 2 || strlen($word) > 4)) {
                [$best, $least] = [$candidate, $distance];
            }
        }

        return $best;
    }
}
