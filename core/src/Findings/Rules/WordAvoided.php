<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Note;
use Lanai\Core\Text\Pattern;

/** A text says a word that a standing note of the app avoids. */
final class WordAvoided implements OfOneScreen
{
    private const SAYS = '~\b(?:never say|do not say|don.t say|avoid(?: the words?)?|not the words?|without the words?)\s+(?<words>[^.]{2,80})~iu';

    public function holds(): string
    {
        return 'No text says a word that the notes avoid.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $rules = array_filter($reading->blueprint->notes, fn (Note $note): bool => ! $note->told);
        $words = array_unique(array_merge([], ...array_map(fn (Note $note): array => self::avoided($note->text), array_values($rules))));
        if ($words === []) {
            return;
        }
        $way = '~\b(?:'.implode('|', array_map(fn (string $word): string => preg_quote($word, '~'), $words)).')\b~iu';
        foreach ($reading->walk()->blanks as $blank) {
            $isText = $blank->blank->fit->kind() === 'text' && is_string($blank->value) && ! $blank->node->is(Note::class);
            // What is filled in is not said by the founder.
            if ($isText && Pattern::match($way, Pattern::replace('~\{[^{}]*\}~u', '', $blank->text()))) {
                yield Finding::warning(self::class, $blank->node->at, "A note of this app avoids a word that is said here: “{$blank->text()}”.");
            }
        }
    }

    /** @return list<string> */
    private static function avoided(string $note): array
    {
        if (! Pattern::match(self::SAYS, $note, $found)) {
            return [];
        }
        $parts = Pattern::split('~\s*,\s*(?:or\s+|and\s+)?|\s+or\s+|\s+and\s+~u', $found['words']);

        $parts = array_map(fn (string $word): string => trim(Pattern::replace('~["“”„,;]~u', ' ', $word)), $parts);

        return array_values(array_filter($parts, fn (string $one): bool => mb_strlen($one) > 1));
    }
}
