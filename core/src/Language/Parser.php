<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** Reads the script back into blueprint data: the mirror of Prose, led by the same Sentence of each node. */
final class Parser
{
    /**
     * @param  class-string<HasSentence>  $root  what stands in the first line and holds all that follows
     * @param  array<string, array<string, mixed>>  $known  as of Printer::known(): what is written the same is not read again
     * @return array<string, mixed>
     *
     * @throws ScriptMistake
     */
    public static function script(string $text, string $root, array $known = []): array
    {
        $lines = SourceLine::forest($text);
        if ($lines === []) {
            throw new ScriptMistake(1, 1, ['“'.(Sentences::of($root)->lead()->words ?? '').'” and its name']);
        }
        $first = array_shift($lines);
        $lines = [...$first->under, ...$lines];
        $first->under = [];
        $data = self::head($root, $cursor = $first->cursor());
        self::under(Sentences::of($root), $data, $lines, $cursor, $known);

        return $data;
    }

    /**
     * The lines of a fragment, each a member of the family.
     *
     * @return list<array<string, mixed>>
     *
     * @throws ScriptMistake
     */
    public static function fragment(string $text, Family $family): array
    {
        return array_map(fn (SourceLine $line): array => self::member($family, $line), SourceLine::forest($text));
    }

    /**
     * What was typed into one blank.
     *
     * @throws ScriptMistake
     */
    public static function blank(string $text, Fit $fit): mixed
    {
        if (trim($text) === '') {
            return '';
        }
        $cursor = new Cursor($text);
        $value = $fit->read($cursor, []);
        if ($value === null || ! $cursor->done()) {
            throw $cursor->mistake();
        }

        return $value;
    }

    /** @return array<string, mixed> */
    private static function member(Family $family, SourceLine $line): array
    {
        $best = null;
        foreach ($family->kinds as $kind => $class) {
            $cursor = $line->cursor();
            $lead = Sentences::of($class)->lead();
            if ($lead !== null && ! $lead->read($cursor)) {
                continue;
            }
            if ($best === null || $cursor->at > $best[0]) {
                $best = [$cursor->at, $kind, $class];
            }
        }
        if ($best === null) {
            $leads = array_map(
                fn (string $class): string => '“'.(Sentences::of($class)->lead()->words ?? $family->name).'”',
                array_values($family->kinds),
            );

            throw new ScriptMistake($line->number, $line->indent + 1, $leads, $line->text);
        }
        [, $kind, $class] = $best;
        $cursor = $line->cursor();
        $data = ($kind === '' ? [] : ['kind' => $kind]) + self::head($class, $cursor);

        return self::under(Sentences::of($class), $data, $line->under, $cursor);
    }

    /**
     * @param  class-string<HasSentence>  $class
     * @return array<string, mixed>
     */
    private static function head(string $class, Cursor $cursor): array
    {
        $sentence = Sentences::of($class);
        $data = [];
        if (! self::parts($sentence->head, $sentence, $cursor, $data)) {
            throw $cursor->mistake();
        }
        self::clauses($sentence, $cursor, $data);
        if (! $cursor->done()) {
            $cursor->missed('the end of the line');
            throw $cursor->mistake();
        }

        return $data;
    }

    /** @param  array<string, mixed>  $data */
    private static function clauses(Sentence $sentence, Cursor $cursor, array &$data): void
    {
        $left = $sentence->clauses;
        do {
            $took = false;
            foreach ($left as $i => $clause) {
                $from = $cursor->at;
                $cursor->words(',');
                if (! $cursor->words($clause->lead)) {
                    $cursor->at = $from;

                    continue;
                }
                if ($clause->flag !== null) {
                    $data[$clause->key] = $clause->flag;
                } elseif (! self::parts($clause->parts, $sentence, $cursor, $data)) {
                    throw $cursor->mistake();
                }
                unset($left[$i]);
                $took = true;
            }
        } while ($took);
    }

    /**
     * @param  list<Part>  $parts
     * @param  array<string, mixed>  $data
     */
    private static function parts(array $parts, Sentence $sentence, Cursor $cursor, array &$data): bool
    {
        foreach ($parts as $i => $part) {
            $stops = Stops::after($parts, $i, $sentence);
            $read = match (true) {
                $part instanceof Words => $part->read($cursor),
                $part instanceof Blank => self::put($data, $part->key, $part->fit->read($cursor, $stops)),
                $part instanceof InlineNode => self::nested($part, $cursor, $data),
                $part instanceof Series => self::series($part, $sentence, $stops, $cursor, $data),
                default => false,
            };
            if (! $read) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, mixed>  $data */
    private static function put(array &$data, string $key, mixed $value): bool
    {
        if ($value !== null) {
            $data[$key] = $value;
        }

        return $value !== null;
    }

    /** @param  array<string, mixed>  $data */
    private static function nested(InlineNode $part, Cursor $cursor, array &$data): bool
    {
        return self::put($data, $part->key, self::inside($part->family, $cursor));
    }

    /**
     * A member of a family that stands inside a sentence; null where none stands here.
     *
     * @return array<string, mixed>|null
     */
    public static function inside(Family $family, Cursor $cursor): ?array
    {
        $from = $cursor->at;
        foreach ($family->kinds as $kind => $class) {
            $cursor->at = $from;
            $inner = ['kind' => $kind];
            $sentence = Sentences::of($class);
            if (self::parts($sentence->head, $sentence, $cursor, $inner)) {
                self::clauses($sentence, $cursor, $inner);

                return $inner;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $stops
     * @param  array<string, mixed>  $data
     */
    private static function series(Series $series, Sentence $sentence, array $stops, Cursor $cursor, array &$data): bool
    {
        $items = [];
        do {
            $from = $cursor->at;
            if ($items !== [] && (! $cursor->words($series->separator) || self::clauseStands($sentence, $cursor))) {
                $cursor->at = $from;
                break;
            }
            if ($series->item instanceof Fit) {
                $item = $series->item->read($cursor, $stops);
                if ($item === null) {
                    if ($items === []) {
                        return false;
                    }
                    $cursor->at = $from;
                    break;
                }
            } else {
                $item = [];
                $inner = Sentences::of($series->item);
                if (! self::parts($inner->head, $inner, $cursor, $item)) {
                    return false;
                }
            }
            $items[] = $item;
        } while (true);
        $data[$series->key] = $items;

        return true;
    }

    private static function clauseStands(Sentence $sentence, Cursor $cursor): bool
    {
        foreach ($sentence->clauses as $clause) {
            if ($cursor->peeks($clause->lead)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  list<SourceLine>  $lines
     * @param  array<string, array<string, mixed>>  $known
     * @return array<string, mixed>
     */
    private static function under(Sentence $sentence, array &$data, array $lines, Cursor $head, array $known = []): array
    {
        foreach ($lines as $line) {
            if (! self::belowLine($sentence, $data, $line, $known)) {
                $leads = [];
                foreach ($sentence->below as $below) {
                    $leads = [...$leads, ...self::leads($below)];
                }
                throw new ScriptMistake($line->number, $line->indent + 1, $leads === [] ? ['nothing under this line'] : $leads, $line->text);
            }
        }

        return $data;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, array<string, mixed>>  $known
     */
    private static function belowLine(Sentence $sentence, array &$data, SourceLine $line, array $known): bool
    {
        $cursor = $line->cursor();
        foreach ($sentence->below as $below) {
            $cursor->at = 0;
            if ($below instanceof SubLine && $cursor->words($below->lead)) {
                $value = $below->blank->fit->read($cursor, []);
                if ($value === null || ! $cursor->done() || $line->under !== []) {
                    throw $cursor->mistake();
                }
                $data[$below->blank->key] = $value;

                return true;
            }
            if ($below instanceof Block && $cursor->words($below->lead)) {
                $items = Prose::nodes($data[$below->key] ?? []);
                if (! $cursor->done()) {
                    $items[] = self::member(
                        $below->family,
                        new SourceLine(ltrim(substr($line->text, $cursor->at)), $line->number, $line->indent + $cursor->at + 1),
                    );
                }
                foreach ($line->under as $child) {
                    $items[] = self::member($below->family, $child);
                }
                if ($items !== []) {
                    $data[$below->key] = $items;
                }

                return true;
            }
            if ($below instanceof One && Sentences::of($below->class)->lead()?->read($cursor)) {
                $data[$below->key] = self::member(Family::only($below->key, $below->class), $line);

                return true;
            }
            if ($below instanceof Children && self::begins($below->family, $line)) {
                $item = ($known === [] ? null : $known[$line->written()] ?? null) ?? self::member($below->family, $line);
                $items = is_array($data[$below->key] ?? null) ? $data[$below->key] : [];
                $items[] = $item;
                $data[$below->key] = $items;

                return true;
            }
        }

        return false;
    }

    private static function begins(Family $family, SourceLine $line): bool
    {
        foreach ($family->kinds as $class) {
            $lead = Sentences::of($class)->lead();
            if ($lead === null || $lead->read($line->cursor())) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private static function leads(Below $below): array
    {
        return match (true) {
            $below instanceof SubLine => ['“'.$below->lead.'”'],
            $below instanceof Block => ['“'.$below->lead.'”'],
            $below instanceof One => ['“'.(Sentences::of($below->class)->lead()->words ?? '').'”'],
            $below instanceof Children => array_map(
                fn (string $class): string => Sentences::of($class)->lead() !== null ? '“'.Sentences::of($class)->lead()->words.'”' : $below->family->name,
                array_values($below->family->kinds),
            ),
            default => [],
        };
    }
}
