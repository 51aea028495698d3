<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** Which words end a bare formula, given what can follow it in the sentence. */
final class Stops
{
    /**
     * @param  list<Part>  $parts
     * @return list<string>
     */
    public static function after(array $parts, int $index, Sentence $sentence): array
    {
        $stops = [];
        $next = $parts[$index + 1] ?? null;
        if ($next instanceof Words) {
            $stops = [$next->words, ...$next->others];
        }
        if ($parts[$index] instanceof Series) {
            $stops[] = trim($parts[$index]->separator, ', ');
        }
        foreach ($sentence->clauses as $clause) {
            if (! $clause->comma) {
                $stops[] = $clause->lead;
            }
        }

        return array_values(array_filter($stops, fn (string $s): bool => $s !== '' && $s !== ':'));
    }
}
