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

    /** @var array<string, array{int, int}> whole parts of an app that are wanted: 'helper', 'welcome', 'ranking', 'adverts' */
    public array $wants = [];

    /** @var list<array{int, int}> where each sentence stands that says something */
    public array $sentences = [];

    /** @var array<string, int> table => to so many it is open, where that is said */
    public array $limits = [];

    /** @var array<string, array{int, int}> tables whose rows only their own people see */
    public array $private = [];

    /** @var array{int, int}|null where it is said that nobody else sees anything */
    public ?array $allPrivate = null;

    /** @var array<string, string> tables to which somebody adds => who, by role; '' for anybody */
    public array $adds = [];

    /** Somebody says yes or no. */
    public bool $isAnswered = false;

    /** The owner of something says it: then it has one. */
    public bool $hasOwners = false;

    /** @var array{int, int}|null where favourites are spoken of */
    public ?array $favourites = null;

    /** @var array{int, int}|null where a goal is spoken of */
    public ?array $goal = null;

    /** @var array<string, array{int, int}> what is done with whatever the app is mostly about: it was not said with what */
    public array $loose = [];

    /** @var array{price: string, currency: string, every: string, from: Letters}|null what somebody pays again and again */
    public ?array $sells = null;

    /** @var list<string> tables to which the founder alone adds */
    public array $founders = [];

    /** @var list<string> questions that somebody has answered */
    public array $answered = [];

    /** The thing that was told of last while it was read what things have: “each one” is that. */
    public ?Phrase $told = null;

    /** The thing that was spoken of last: “it” is that. */
    public ?Phrase $spoken = null;

    /** @var list<array{string, string, array{int, int}}> something of something: it is a link where both are kept */
    public array $about = [];

    /** @param  array{int, int}  $from */
    public function keeps(string $noun, array $from): void
    {
        $longer = str_ends_with($this->known($noun), " $noun") ? $this->known($noun) : $noun;
        // “fruit trees” were only named; what is told is told of “a tree”.
        if ($longer !== $noun && ($this->tables[$longer]['fields'] ?? []) === []) {
            $this->tables[$noun] = $this->tables[$longer];
            unset($this->tables[$longer]);
            foreach ($this->links as $key => $link) {
                $ends = array_map(fn (string $end): string => $end === $longer ? $noun : $end, ['from' => $link['from'], 'to' => $link['to']]);
                $this->links[$key] = $ends + $link;
            }
        }
        // “An evening” is the clay evening of which more was told already.
        if ($longer === $noun || ! isset($this->tables[$longer])) {
            $this->tables[$noun] ??= ['from' => $from, 'fields' => []];
        }
    }

    /**
     * @param  list<string>  $choices
     * @param  array{int, int}  $from
     */
    public function has(string $table, string $field, string $type, array $choices, array $from): void
    {
        $table = isset($this->tables[$table]) ? $table : $this->known($table);
        $this->keeps($table, $from);
        $table = isset($this->tables[$table]) ? $table : $this->known($table);
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
        $longer = array_values(array_filter(array_keys($this->tables), fn (string $kept): bool => str_ends_with($kept, " $noun")));
        // “bad finds” are finds.
        $head = array_slice(explode(' ', $noun), -1)[0];

        return match (true) {
            count($longer) === 1 => $longer[0],
            isset($this->tables[$head]) => $head,
            default => $noun,
        };
    }
}
