<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** The words of a sentence, and the nouns, lists and verbs in it. */
final class Sentence
{
    /** What stands before a noun and says nothing of what it is. */
    private const EMPTY = ['new', 'own', 'other', 'different', 'certain', 'single', 'small', 'big', 'short', 'long', 'good', 'nice', 'few',
        'several', 'own', 'first',
        'last', 'next', 'approved', 'whole', 'little', 'more', 'most', 'same', 'simple', 'lost', 'broken', 'finished'];

    /** Before these a choice is told: “a category such as garden or wood”. */
    private const EXAMPLES = [['such', 'as'], ['for', 'example'], ['like'], ['including'], ['e.g']];

    /** A name has at most so many words: the last ones. */
    private const NAME_WORDS = 4;

    /** @var array<int, array{Phrase|null}> by where they begin */
    private array $phrases = [];

    /** @param  list<Word>  $words */
    public function __construct(public readonly array $words, private readonly Lexicon $lexicon)
    {
    }

    public function is(int $i, string ...$any): bool
    {
        return isset($this->words[$i]) && in_array($this->words[$i]->is, $any, true);
    }

    public function part(int $i): string
    {
        return $this->words[$i]->part ?? '';
    }

    /** The noun that begins at a place; null where none does. */
    public function phrase(int $i): ?Phrase
    {
        return ($this->phrases[$i] ??= [$this->phraseAt($i)])[0];
    }

    private function phraseAt(int $i): ?Phrase
    {
        $first = $i;
        $points = '';
        $number = '';
        while ($this->part($i) === 'T' || $this->is($i, 'only', 'up', 'at', 'most', 'least', 'about', 'one', 'than',
            'of') && $i > $first || $this->is($i, 'only')) {
            $points = $points === 'only' ? $points : $this->words[$i]->is;
            $i++;
        }
        while ($this->part($i + 1) !== '.' && $this->is($i, 'up', 'to', 'at', 'most', 'about', 'least')
            && ($this->part($i + 1) === '0' || $this->part($i + 2) === '0')) {
            $i++;
        }
        if ($this->part($i) === '0') {
            $number = $this->words[$i]->is;
            $i++;
        }
        $begins = $i;
        $last = -1;
        while (isset($this->words[$i]) && in_array($this->part($i), ['N', 'S', 'J', 'G', 'E'], true) && ! $this->is($i, 'such', 'including')) {
            if ($this->words[$i]->isNoun()) {
                $last = $i;
            } elseif ($last >= 0) {
                break;
            }
            $i++;
        }
        if ($last < 0) {
            return null;
        }
        $next = $last + 1;
        $head = $this->lexicon->one($this->words[$last]->is);
        $before = [];
        for ($j = $begins; $j < $last; $j++) {
            $word = $this->words[$j]->is;
            // What is done to it, or how it is, is no name of it.
            if ($this->words[$j]->isNoun() || (in_array($this->part($j), ['J', 'G'], true) && ! in_array($word, self::EMPTY, true))) {
                $before[] = $word;
            }
        }
        $of = '';
        $end = $next;
        if ($head === 'part' && $this->is($next, 'of')) {
            // “part of town” is one name.
            $whole = $this->phrase($next + 1);
            if ($whole !== null && $whole->head !== 'part' && ! str_starts_with($whole->noun, 'part of')) {
                $from = [$this->words[$first]->at, $whole->from[1]];

                return new Phrase($first, $whole->next, "part of $whole->noun", $whole->head, false, $points, [], '', $from);
            }
        }
        if ($this->is($next, 'of') && ! in_array($head, ['number', 'list', 'kind', 'couple', 'lot', 'collection', 'choice', 'sort', 'piece', 'type'], true)) {
            $owner = $this->phrase($next + 1);
            $of = $owner->noun ?? '';
            $end = $owner->next ?? $next;
        } elseif ($this->is($next, 'of')) {
            // “a list of songs”, “a number of seats”: what it is about is what follows.
            $counted = $this->phrase($next + 1);
            if ($counted !== null) {
                $number = $head === 'number' ? 'number' : $number;

                return new Phrase($first, $counted->next, $counted->noun, $counted->head, true, $points, $counted->choices, $counted->of,
                    [$this->words[$first]->at, $counted->from[1]], $number);
            }
        }
        [$choices, $end] = $this->choices($end);

        return new Phrase(
            $first,
            $end,
            implode(' ', [...array_slice($before, 1 - self::NAME_WORDS), $head]),
            $head,
            $this->part($last) === 'S' || in_array($points, ['several', 'many', 'some'], true),
            $points,
            $choices,
            $of,
            [$this->words[$first]->at, $this->words[$last]->end()],
            $number,
        );
    }

    /**
     * What something can be: “(good, worn or broken)”, “: new, packed, sent”, “such as baroque”, “from easy to hard”.
     *
     * @return array{list<string>, int} and the place behind it
     */
    public function choices(int $i): array
    {
        if ($this->is($i, '(')) {
            $end = $i;
            while (isset($this->words[$end]) && ! $this->is($end, ')')) {
                $end++;
            }

            return [$this->named($i + 1, $end), $end + 1];
        }
        if ($this->is($i, ':') && $this->isShortList($i + 1)) {
            return [$this->named($i + 1, count($this->words)), count($this->words)];
        }
        $examples = $this->is($i, ',') ? $i + 1 : $i;
        foreach (self::EXAMPLES as $lead) {
            $is = array_map(fn (int $n): string => $this->words[$examples + $n]->is ?? '', array_keys($lead)) === $lead;
            if ($is && ($lead !== ['like'] || $this->part($examples) === 'I')) {
                return [$this->named($examples + count($lead), count($this->words)), count($this->words)];
            }
        }
        if ($this->is($i, 'from') && ($this->is($i + 2, 'to') || $this->is($i + 3, 'to'))) {
            $to = $this->is($i + 2, 'to') ? $i + 2 : $i + 3;
            $ends = [$this->words[$to - 1]->is, $this->words[$to + 1]->is ?? ''];

            return [$ends, $to + 2];
        }
        if ($this->is($i, 'goes', 'go') && $this->is($i + 1, 'from')) {
            return [$this->named($i + 2, count($this->words)), count($this->words)];
        }

        return [[], $i];
    }

    /** @return list<string> what stands from a place on with “or” before the last: “new, packed or fetched” */
    public function choicesAt(int $i): array
    {
        for ($end = $i; isset($this->words[$end]) && ! $this->is($end, '.', ';'); $end++) {
            if ($this->is($end, 'or')) {
                return $this->named($i, $end + 2);
            }
            if (in_array($this->part($end), ['V', 'P', 'M', 'O'], true)) {
                return [];
            }
        }

        return [];
    }

    /** Whether what follows are a few words with commas between them, and no more. */
    private function isShortList(int $i): bool
    {
        $words = 0;
        $since = 0;
        for (; isset($this->words[$i]) && ! $this->is($i, '.', ';', '!'); $i++) {
            $since = $this->is($i, ',', 'or', 'and') ? 0 : $since + 1;
            if ($since > 3 || in_array($this->part($i), ['T', 'O', 'M'], true) || (in_array($this->part($i), ['V', 'P'], true) && $since > 1)) {
                return false;
            }
            $words++;
        }

        return $words > 2;
    }

    /** @return list<string> what stands between commas, “and” and “or” */
    private function named(int $i, int $end): array
    {
        $named = [''];
        for (; $i < $end && ! $this->is($i, '.', ';'); $i++) {
            if ($this->is($i, ',', 'or', 'and', '/', 'to')) {
                $named[] = '';
            } elseif (! in_array($this->words[$i]->is, ['the', 'a', 'an', 'in', 'example', 'for'], true) || $named[count($named) - 1] !== '') {
                $named[count($named) - 1] = trim($named[count($named) - 1].' '.$this->words[$i]->is);
            }
        }

        return array_values(array_filter($named, fn (string $one): bool => $one !== ''));
    }

    /**
     * The verbs of the sentence in their order.
     *
     * @return list<array{at: int, verb: string, not: bool}>
     */
    public function verbs(): array
    {
        $verbs = [];
        foreach ($this->words as $i => $word) {
            if ($word->isVerb() && ! ($word->part === 'E' && isset($this->words[$i + 1]) && $this->words[$i + 1]->isNoun())) {
                $not = $this->is($i - 1, 'not', 'cannot', 'never') || $this->is($i - 2, 'not', 'cannot');
                $verbs[] = ['at' => $i, 'verb' => $this->lexicon->verb($word->is), 'not' => $not];
            }
        }

        return $verbs;
    }

    /** Who does what begins at a place: the noun before it, over what stands in between. */
    public function doer(int $i): ?Phrase
    {
        for ($j = $i - 1; $j >= 0; $j--) {
            if ($this->words[$j]->isNoun()) {
                $begin = $j;
                while ($begin > 0 && (in_array($this->part($begin - 1), ['T', 'J', 'N', 'E'], true) || $this->is($begin - 1, 'only'))) {
                    $begin--;
                }
                [$last, $isJoined] = [$begin, false];
                // “an instrument and a pupil”: they stand there together.
                while ($begin > 1 && $this->is($begin - 1, 'and', 'or') && ($this->words[$begin - 2] ?? null)?->isNoun() === true) {
                    $begin -= 2;
                    while ($begin > 0 && in_array($this->part($begin - 1), ['T', 'J', 'N', 'E'], true)) {
                        $begin--;
                    }
                    $isJoined = true;
                }
                // What stands behind “to” or “of” does nothing itself.
                if (! $this->is($begin - 1, 'with', 'of', 'for', 'by', 'about', 'to', 'at', 'in', 'on', 'from', 'after', 'before')) {
                    return $this->phrase($isJoined ? $last : $begin);
                }
                $j = $begin;
            }
            if ($this->part($j) === 'O' && ! $this->is($j, 'who', 'which', 'what')) {
                return null;
            }
        }

        return null;
    }

    /**
     * Letters of the paragraph from one place to another.
     *
     * @return array{int, int}
     */
    public function from(int $first, int $next): array
    {
        $last = min($next, count($this->words)) - 1;

        return [$this->words[min($first, $last)]->at, $this->words[$last]->end()];
    }
}
