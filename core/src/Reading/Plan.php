<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

use Lanai\Core\Reading\Patterns\Lending;
use Lanai\Core\Reading\Patterns\Noun;
use Lanai\Core\Text\Names;

/**
 * What was understood, as an app sees it: what stands on whose page, who may do what with it, how its fields are called in sentences and formulas.
 *
 * @phpstan-import-type OutlineData from Outline
 * @phpstan-import-type TableData from Outline
 * @phpstan-import-type FieldData from Outline
 */
final class Plan
{
    public const TYPES = [
        'text' => 'is a text of at most 80',
        'long text' => 'is a long text of at most 2000',
        'picture' => 'is a picture',
        'video' => 'is a video',
        'sound' => 'is a sound',
        'file' => 'is a file',
        'money' => 'is money in EUR from 0',
        'number' => 'is a decimal',
        'date' => 'is a date',
        'date and time' => 'is a date and time',
        'duration' => 'is a duration',
        'place' => 'is a place',
        'yes or no' => 'is yes or no',
        'email' => 'is an e-mail address',
        'phone' => 'is a phone number',
        'web address' => 'is a web address',
        'colour' => 'is a colour',
    ];

    /** What is measured, and not counted. */
    public const MEASURED = ['weight', 'size', 'depth', 'height', 'width', 'area', 'temperature', 'distance', 'length', 'speed', 'altitude', 'volume',
        'amount', 'percentage'];

    /** Tables that come of what is done with others. */
    public const OF_OTHERS = ['booking', 'reservation', 'favourite', 'like', 'comment', 'rating', 'loan', 'request', 'application', 'order', 'follow',
        'message'];

    /** @var array<string, TableData> by nouns */
    public array $tables = [];

    /** @var array<string, Noun> */
    public array $nouns = [];

    /** @var list<string> nouns whose rows are seen by those alone whom a pattern names */
    public array $closed = [];

    public readonly Lexicon $lexicon;

    /**
     * @param  OutlineData  $outline
     * @param  string  $paragraph  from which it was understood
     */
    public function __construct(public readonly string $name, public readonly array $outline, public readonly string $paragraph)
    {
        $this->lexicon = new Lexicon();
        foreach ($outline['tables'] as $table) {
            $noun = mb_strtolower($table['singular']);
            $this->tables[$noun] = $table;
            $this->nouns[$noun] = new Noun($noun, $this->lexicon);
        }
        $hosts = array_map($this->host(...), array_keys($this->tables));
        foreach ($this->tables as $noun => $table) {
            $isOfOthers = in_array($noun, [...self::OF_OTHERS, 'cart', 'goal', Draft::PERSON], true);
            // What others belong to, or what stands by itself, is told by its name where nothing else is known of it.
            if ($table['fields'] === [] && ! $isOfOthers && (in_array($noun, $hosts, true) || $this->host($noun) === '')) {
                $this->tables[$noun]['fields'][] = ['name' => 'Name', 'type' => 'text', 'choices' => [], 'from' => $table['from']];
            }
        }
    }

    /** What has a list and a page of its own. */
    public function isMain(string $noun): bool
    {
        $hosts = array_filter(array_keys($this->tables), fn (string $other): bool => $this->host($other) === $noun);

        $isAlone = $this->host($noun) === '';

        return $this->tables[$noun]['fields'] !== [] && ($isAlone || ($hosts !== [] && ! in_array($noun, self::OF_OTHERS, true)));
    }

    /** The thing on whose page it stands; '' for none. */
    public function host(string $noun): string
    {
        foreach ($this->tables[$noun]['links'] ?? [] as $link) {
            $to = mb_strtolower($link['to']);
            if ($to !== Draft::PERSON && isset($this->tables[$to]) && $to !== $noun && ! $this->belongsBack($to, $noun)) {
                return $to;
            }
        }

        return '';
    }

    /** Two that belong to each other: then neither stands on the page of the other. */
    public function belongsBack(string $noun, string $other): bool
    {
        return in_array($other, array_map(fn (array $link): string => mb_strtolower($link['to']), $this->tables[$noun]['links']), true) && $noun < $other;
    }

    /** How much of an app it is. */
    public function weight(string $noun): int
    {
        $acts = array_filter($this->outline['acts'], fn (array $act): bool => mb_strtolower($act['table']) === $noun);
        $guests = array_filter(array_keys($this->tables), fn (string $other): bool => $this->host($other) === $noun);

        return 2 * count($acts) + count($this->tables[$noun]['fields']) + 3 * count($guests);
    }

    public function icon(string $noun): string
    {
        $types = array_column($this->tables[$noun]['fields'], 'type');

        return match (true) {
            in_array('place', $types, true) => 'place',
            in_array('date and time', $types, true), in_array('date', $types, true) => 'calendar',
            default => 'list',
        };
    }

    /** Whether somebody does something with it. */
    public function does(string $act, string $noun): bool
    {
        return array_filter($this->outline['acts'], fn (array $one): bool => $one['act'] === $act && mb_strtolower($one['table']) === $noun) !== [];
    }

    public function isSomebodys(string $noun): bool
    {
        return in_array('Person', array_column($this->tables[$noun]['links'], 'to'), true);
    }

    /** @return list<string> roles that alone may do something with it */
    public function only(string $act, string $noun): array
    {
        $known = array_column($this->outline['roles'], 'name');
        $only = [];
        foreach ($this->outline['rights'] as $right) {
            if ($right['act'] === $act && mb_strtolower($right['table']) === $noun) {
                array_push($only, ...array_intersect($right['only'], $known));
            }
        }

        return $only;
    }

    /** Whether nobody but the founder adds to it: as long as nothing else is said of a thing that is nobody's. */
    public function isFounders(string $noun): bool
    {
        $isAsked = array_filter(
            $this->outline['questions'],
            fn (array $one): bool => mb_strtolower($one['about']) === $noun && str_starts_with($one['asks'], 'Who may add'),
        );

        return in_array(ucfirst($noun), $this->outline['founders'], true) || ($isAsked !== [] && ! $this->isSomebodys($noun));
    }

    public function isPrivate(string $noun): bool
    {
        $see = array_filter($this->outline['rights'], fn (array $right): bool => $right['act'] === 'see' && mb_strtolower($right['table']) === $noun);

        return $see !== [] || in_array($noun, ['favourite', 'follow', 'booking', 'loan', 'order', 'message', ...$this->closed], true);
    }

    /** Where places are booked, the field that counts how many are left; '' where nothing is counted. */
    public function places(string $noun): string
    {
        if (! $this->does('book', $noun)) {
            return '';
        }
        foreach ($this->tables[$noun]['fields'] as $field) {
            if ($field['type'] === 'number' && in_array(mb_strtolower($field['name']), ['place', 'seat', 'places', 'seats'], true)) {
                return ucfirst($this->lexicon->many(mb_strtolower($field['name'])));
            }
        }

        return '';
    }

    /** @param  FieldData  $field */
    public function field(array $field, string $noun, bool $isFirst): string
    {
        $name = $this->called($field, $noun);
        if (isset($field['written'])) {
            return Noun::said($name)." $field[written]";
        }
        $type = match (true) {
            $name === $this->places($noun) => 'is a whole number from 0 to 10000, required',
            $field['type'] === 'number' && $name === 'Stars' => 'is a rating',
            $field['type'] === 'choice' && $field['choices'] !== [] => 'is one of '.implode(', ', array_map(
                fn (string $one): string => '"'.strtr($one, ['"' => '']).'"',
                array_values(array_unique($field['choices'])),
            )),
            $field['type'] === 'number' && ! in_array(array_slice(explode(' ', mb_strtolower($name)), -1)[0], self::MEASURED, true) => 'is a whole number',
            default => self::TYPES[$field['type']] ?? self::TYPES['text'],
        };

        return Noun::said($name)." $type".($isFirst && in_array($field['type'], ['text', 'number'], true) ? ', required' : '');
    }

    /** @param  FieldData  $field */
    public function called(array $field, string $noun): string
    {
        $many = ucfirst($this->lexicon->many(mb_strtolower($field['name'])));
        if ($field['type'] === 'number' && $this->does('book', $noun) && in_array($many, ['Places', 'Seats'], true)) {
            return $many;
        }

        return in_array($field['name'], ['Owner', 'Added', Lending::OUT], true) ? "$field[name] by hand" : $field['name'];
    }

    /**
     * A field in formulas.
     *
     * @param  FieldData  $field
     */
    public function key(array $field, string $noun): string
    {
        return Names::inFormula($this->called($field, $noun));
    }

    /** What stands for a row: its first text, else its first field that can be read. */
    public function label(string $noun): string
    {
        foreach ([['text'], ['long text', 'choice', 'date', 'date and time', 'number', 'money', 'duration']] as $types) {
            foreach ($this->tables[$noun]['fields'] as $field) {
                if (in_array($field['type'], $types, true)) {
                    return Names::inFormula($this->called($field, $noun));
                }
            }
        }

        return $this->isSomebodys($noun) ? 'owner.name' : 'added';
    }

    /**
     * @param  list<FieldData>  $fields
     * @param  list<string>  $types
     * @return list<FieldData>
     */
    public static function typed(array $fields, array $types): array
    {
        return array_values(array_filter($fields, fn (array $field): bool => in_array($field['type'], $types, true)));
    }

    /** When somebody may add one, as a condition; '' where nobody may. */
    public function mayAdd(string $noun): string
    {
        $only = $this->only('add', $noun);
        $isFounders = $this->isFounders($noun);

        return match (true) {
            $only !== [] => implode(' or ', array_map(fn (string $role): string => "me.role == \"$role\"", $only)),
            ! $isFounders => 'me != null',
            default => '',
        };
    }

    /** @return list<string> roles that may change or remove one that is not theirs: those named for it, and those who alone add */
    public function whoMay(string $act, string $noun): array
    {
        return array_values(array_unique([...$this->only($act, $noun), ...$this->only('add', $noun)]));
    }

    /** When somebody may change or remove the one that a page is about, as a condition; '' where nobody may. */
    public function mayDo(string $act, string $noun): string
    {
        $roles = array_map(fn (string $role): string => "me.role == \"$role\"", $this->whoMay($act, $noun));
        $theirs = $this->isSomebodys($noun) ? [$this->nouns[$noun]->key().'.owner == me'] : [];
        $any = implode(' or ', [...$theirs, ...$roles]);

        return match (count($theirs) + count($roles)) {
            0 => '',
            1 => "$any and me != null",
            default => "me != null and ($any)",
        };
    }

    public function inText(string $words): string
    {
        return strtr(mb_strtolower($words), ['"' => '']);
    }

    /**
     * What a form asks for: its fields, and what it leads to.
     *
     * @param  string  $host  on whose page it stands: that is known there
     * @return list<string>
     */
    public function asked(string $noun, string $host): array
    {
        $asked = array_map(fn (array $field): string => Noun::said($this->called($field, $noun)), $this->tables[$noun]['fields']);
        foreach ($this->tables[$noun]['links'] as $link) {
            $to = mb_strtolower($link['to']);
            if ($to !== Draft::PERSON && $to !== $host && isset($this->nouns[$to])) {
                $asked[] = Noun::said($this->nouns[$to]->one);
            }
        }

        return $asked;
    }

    /** What stands over the page of one: what it is called, but no text that runs over several lines. */
    public function titled(string $noun, string $key, string $one): string
    {
        $texts = self::typed($this->tables[$noun]['fields'], ['text']);
        $isLong = $texts === [] && self::typed($this->tables[$noun]['fields'], ['long text']) !== [];

        return $isLong ? strtr($one, ['"' => '', '{' => '', '}' => '', '\\' => '']) : "{{$key}.{$this->label($noun)}}";
    }

    /** @return list<string> what is to be read of one on its page */
    public function facts(string $noun): array
    {
        $key = $this->nouns[$noun]->key();
        $lines = [];
        foreach ($this->tables[$noun]['fields'] as $field) {
            $name = $this->called($field, $noun);
            $of = "$key.".Names::inFormula($name);
            // The page is titled with it.
            if ($field['type'] === 'text' && Names::inFormula($name) === $this->label($noun)) {
                continue;
            }
            $lines[] = match ($field['type']) {
                'picture' => "  Picture of $of, described as \"$name\", if $of != null",
                'video' => "  Video at $of, if $of != null",
                'sound' => "  Sound at $of, if $of != null",
                'place' => "  Map of $of, if $of != null",
                'long text' => "  Text \"{{$of}}\", if $of != null",
                'file' => '',
                'yes or no' => "  Badge \"$name\", if $of",
                default => "  Text \"$name: {{$of}}\", if $of != null",
            };
        }

        return array_values(array_filter($lines));
    }

    /** @return list<string> roles of which it is said that they do something with it */
    public function doers(string $act, string $noun): array
    {
        $by = array_map(
            fn (array $one): string => $one['by'],
            array_filter($this->outline['acts'], fn (array $one): bool => $one['act'] === $act && mb_strtolower($one['table']) === $noun),
        );

        return array_values(array_unique(array_intersect($by, array_column($this->outline['roles'], 'name'))));
    }

    /** @param  'helper'|'welcome'|'ranking'|'adverts'  $what */
    public function wants(string $what): bool
    {
        return in_array($what, array_column($this->outline['wants'], 'what'), true);
    }

    /**
     * The choice that says how far something is: its state, where it has one of its own.
     *
     * @return FieldData|null
     */
    public function stage(string $noun): ?array
    {
        foreach ($this->tables[$noun]['fields'] as $field) {
            if (in_array($field['name'], ['Status', 'State', 'Stage'], true) && count(array_unique($field['choices'])) > 1) {
                return $field;
            }
        }

        return null;
    }

    /** @return list<string> what has a list of its own, what tells most of the app first */
    public function byWeight(): array
    {
        $main = array_values(array_filter(array_keys($this->tables), $this->isMain(...)));
        usort($main, fn (string $a, string $b): int => $this->weight($b) <=> $this->weight($a));

        return $main;
    }
}
