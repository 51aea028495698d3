<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/**
 * What was understood so far: what is kept, by whom, and what is done with it, each with the letters from which it came.
 *
 * @phpstan-type Letters array{int, int}
 * @phpstan-type KeptField array{type: string, choices: list<string>, from: Letters}
 * @phpstan-type KeptTable array{from: Letters, fields: array<string, KeptField>}
 */
final class Draft
{
    public const PERSON = 'person';

    /** @var array<string, KeptTable> by nouns for one */
    public array $tables = [];

    /** @var array<string, array{from: string, to: string, at: array{int, int}}> */
    public array $links = [];

    /** @var array<string, array{act: string, of: string, by: string, from: array{int, int}}> */
    public array $acts = [];

    /** @var array<string, array{int, int}> nouns for people who do something => letters */
    public array $people = [];

    /** @var array<string, list<string>> act and noun => who alone may */
    public array $only = [];

    /** @var array<string, array{int, int}> what is not wanted */
    public array $not = [];

    /** @var array<string, int> table => to so many it is open, where that is said */
    public array $limits = [];

    /** @var array<string, array{int, int}> tables whose rows only their own people see */
    public array $private = [];

    /** @var list<string> tables to which the founder alone adds */
    public array $founders = [];

    /** @var list<string> questions that somebody has answered */
    public array $answered = [];

    /** The thing that was spoken of last: “it” is that. */
    public ?Phrase $spoken = null;

    /** @var list<array{string, string, array{int, int}}> something of something: it is a link where both are kept */
    public array $about = [];

    /** @param  array{int, int}  $from */
    public function keeps(string $noun, array $from): void
    {
        $noun = $this->known($noun);
        $this->tables[$noun] ??= ['from' => $from, 'fields' => []];
    }

    /**
     * @param  list<string>  $choices
     * @param  array{int, int}  $from
     */
    public function has(string $table, string $field, string $type, array $choices, array $from): void
    {
        $this->keeps($table, $from);
        $table = $this->known($table);
        $this->tables[$table]['fields'][$field] ??= ['type' => $type, 'choices' => $choices, 'from' => $from];
    }

    /** @param  array{int, int}  $from */
    public function leads(string $table, string $to, array $from): void
    {
        [$table, $to] = [$this->known($table), $this->known($to)];
        if ($table !== $to) {
            $this->links["$table>$to"] ??= ['from' => $table, 'to' => $to, 'at' => $from];
        }
    }

    /** @param  array{int, int}  $from */
    public function does(string $act, string $of, string $by, array $from): void
    {
        $of = $this->known($of);
        $this->acts["$act $of"] ??= ['act' => $act, 'of' => $of, 'by' => $by, 'from' => $from];
        if ($by !== '' && $this->acts["$act $of"]['by'] === '') {
            $this->acts["$act $of"]['by'] = $by;
        }
    }

    public function isKept(string $noun): bool
    {
        return isset($this->tables[$this->known($noun)]);
    }

    /** What a noun is called where it is kept: “an evening” is a clay evening, where those are the only ones. */
    public function known(string $noun): string
    {
        if (isset($this->tables[$noun])) {
            return $noun;
        }
        $longer = array_filter(array_keys($this->tables), fn (string $kept): bool => str_ends_with($kept, " $noun"));

        return count($longer) === 1 ? array_values($longer)[0] : $noun;
    }
}
