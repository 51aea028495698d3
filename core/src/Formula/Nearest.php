<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** "Did you mean": the known word with the fewest changed letters. */
final class Nearest
{
    /** @param  list<string>  $known */
    public static function to(string $word, array $known): ?string
    {
        $best = null;
        $least = max(2, intdiv(strlen($word), 3)) + 1;
        foreach ($known as $candidate) {
            $distance = levenshtein(strtolower($word), strtolower($candidate));
            if ($distance < $least) {
                [$best, $least] = [$candidate, $distance];
            }
        }

        return $best;
    }
}
