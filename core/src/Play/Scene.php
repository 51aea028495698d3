<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Closure;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes\LinksType;
use Lanai\Core\Model\FieldTypes\LinkType;
use Lanai\Core\Model\Measured;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Among;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Budget;
use Lanai\Core\Rows\CompiledFormula;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Terms;
use Lanai\Core\Rows\TooMuch;
use Lanai\Core\Text\Hyphenation;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Where a line or an effect stands while it runs: the names it can use and the way to the rows. */
final readonly class Scene
{
    /** So many can be picked from in one box at once; others are searched for. */
    public const CHOICES = 100;

    /** Letters of what is searched for. */
    private const LONGEST_FIND = 200;

    private const PAGE = 200;

    /**
     * @param  array<string, mixed>  $names
     * @param  array<string, mixed>  $inputs
     * @param  string  $at  JSON Pointer of the line
     * @param  array<class-string, object>  $beside  what else goes along, one of each class, such as the answers of services
     */
    public function __construct(
        public Blueprint $blueprint,
        public RecordStore $store,
        public Reader $reader,
        public Moment $moment,
        public Trail $trail,
        public array $names = [],
        public array $inputs = [],
        public ?Row $row = null,
        public string $at = '',
        public ?Visit $visit = null,
        public array $beside = [],
    ) {
    }

    /**
     * What goes along of this class; null where nothing does.
     *
     * @template T of object
     *
     * @param  class-string<T>  $class
     * @return T|null
     */
    public function beside(string $class): ?object
    {
        $found = $this->beside[$class] ?? null;

        return $found instanceof $class ? $found : null;
    }

    public function at(string $at): self
    {
        return new self(
            $this->blueprint,
            $this->store,
            $this->reader,
            $this->moment,
            $this->trail,
            $this->names,
            $this->inputs,
            $this->row,
            $at,
            $this->visit,
            $this->beside,
        );
    }

    public function inRow(Row $row): self
    {
        return new self(
            $this->blueprint,
            $this->store,
            $this->reader,
            $this->moment,
            $this->trail,
            ['this' => $row] + $this->names,
            $this->inputs,
            $row,
            $this->at,
            $this->visit,
            $this->beside,
        );
    }

    /**
     * With these names and no others: what a request knows of what it is told.
     *
     * @param  array<string, mixed>  $names
     */
    public function about(array $names): self
    {
        return new self($this->blueprint, $this->store, $this->reader, $this->moment, $this->trail, $names, [], null, $this->at, $this->visit, $this->beside);
    }

    /** @param  array<string, mixed>  $inputs  what else `input.`, `app.` and `asset.` give */
    public function asking(array $inputs): self
    {
        return new self(
            $this->blueprint,
            $this->store,
            $this->reader,
            $this->moment,
            $this->trail,
            $this->names,
            $inputs + $this->inputs,
            $this->row,
            $this->at,
            $this->visit,
            $this->beside,
        );
    }

    /** @param  array<string, mixed>  $names */
    public function knowing(array $names): self
    {
        return new self(
            $this->blueprint,
            $this->store,
            $this->reader,
            $this->moment,
            $this->trail,
            $names + $this->names,
            $this->inputs,
            $this->row,
            $this->at,
            $this->visit,
            $this->beside,
        );
    }

    /** A template's text; a part that cannot be computed is left out, and a finding says so. */
    public function text(string $template, string $key, int $item = 0): string
    {
        if ($template === '') {
            return '';
        }
        try {
            $evaluation = $this->evaluation(shows: true);
            $text = $evaluation->text(Template::of($template));
            $this->trail->origin($this->at, $key, $item, $template, $evaluation->reads);

            return $text;
        } catch (FormulaMistake) {
            return Pattern::replace('/\{[^}]*\}?/', '…', $template);
        }
    }

    /**
     * A template's text that may go over several lines: words of the app's language can be divided.
     *
     * @param  int  $shortest  letters: shorter words stay whole
     */
    public function prose(string $template, string $key, int $shortest = 6): string
    {
        $text = $this->text($template, $key);

        return Hyphenation::in($this->blueprint->theme->tongue)?->text($text, $shortest) ?? $text;
    }

    /** What Lanai itself says, in the language of whoever looks. */
    public function own(string $sentence, string|int|float ...$values): string
    {
        return $this->blueprint->own()->say($sentence, ...$values);
    }

    /**
     * A formula's value; null where it cannot be computed.
     *
     * @param  bool  $shows  as evaluation() takes it
     */
    public function value(string $formula, string $key, int $item = 0, bool $shows = false): mixed
    {
        try {
            $evaluation = $this->evaluation($shows);
            $value = $evaluation->of(Formula::of($formula));
            $this->trail->origin($this->at, $key, $item, $formula, $evaluation->reads);

            return $value;
        } catch (FormulaMistake) {
            return null;
        }
    }

    public function yes(string $formula): bool
    {
        return $this->value($formula, 'if') === true;
    }

    public function show(mixed $value): string
    {
        return $value instanceof Row ? $value->label($this->moment->tongue()) : Formats::show($value, $this->moment);
    }

    /**
     * @param  string  $where  a formula about the row, or ''
     * @param  list<Sort>  $sorts
     * @param  list<string>  $shown  formulas about each row that will be shown: the query computes those that look at other rows
     * @param  Term|null  $also  a further condition
     * @return list<Row>
     */
    public function rows(Table $table, string $where, array $sorts, int $limit = 200, array $shown = [], ?Term $also = null, string $search = ''): array
    {
        $found = $this->finding($table, $where, $sorts, $shown, $also, $search);
        if ($found === null) {
            return [];
        }
        [$query, $left] = $found;

        return $this->trail->timed(
            'query',
            $this->asked($table, $where),
            $this->at,
            fn (): array => $left === null ? $this->store->rows($query->upTo($limit)) : self::first($this->left($query, $left, $where), $limit),
            fn (array $rows): array => ['rows' => count($rows), 'table' => $table->name],
        );
    }

    /**
     * All rows of a table that meet a condition, read bit by bit.
     *
     * @param  string  $where  a formula about the row, or ''
     * @param  list<string>  $shown  as in rows()
     * @return iterable<Row>
     */
    public function each(Table $table, string $where, array $shown = [], ?Term $also = null): iterable
    {
        [$query, $left] = $this->finding($table, $where, [], $shown, $also) ?? [null, null];

        return match (true) {
            $query === null => [],
            $left === null => $this->reader->each($query),
            default => $this->left($query, $left, $where),
        };
    }

    /**
     * The query for a condition about the rows of a table, and what of it must still be asked of each row; null where it cannot be computed at all.
     *
     * @return array{Query, Closure(Row): bool|null}|null
     */
    public function choosing(Table $table, string $where): ?array
    {
        return $this->finding($table, $where, [], [], null);
    }

    /** How many rows meet a condition, however many there are. */
    public function count(Table $table, string $where, ?Term $also = null, string $search = ''): int
    {
        [$query, $left] = $this->finding($table, $where, [], [], $also, $search) ?? [null, null];

        return match (true) {
            $query === null => 0,
            $left === null => $this->store->count($query),
            default => iterator_count((fn (): iterable => (yield from $this->left($query, $left, $where)))()),
        };
    }

    /**
     * Rows put together by a formula about each, as a query says it; null where it cannot.
     *
     * @param  string  $sum  a formula about a row that is added up; '' to count rows
     * @return list<array{alike: mixed, total: mixed}>|null
     */
    public function grouped(Table $table, string $where, ?Term $also, string $by, string $sum): ?array
    {
        [$query, $left] = $this->finding($table, $where, [], [], $also) ?? [null, null];
        [$alike, $added] = [$this->term($table, $by), $this->term($table, $sum)];
        if ($query === null || $left !== null || $alike === null || ($added === null && $sum !== '') || $this->store->seenOneByOne($table)) {
            return null;
        }

        return $this->trail->timed(
            'query',
            $this->asked($table, $where),
            $this->at,
            fn (): array => array_map(
                fn (array $group): array => [
                    'alike' => is_int($group['by'][0]) && $alike->type->kind === Kind::Row
                            ? $this->reader->row($alike->type->one, $group['by'][0])
                            : $group['by'][0],
                    'total' => $sum === '' ? $group['count'] : $group['of']['sum'],
                ],
                $this->store->groups($query->upTo(Budget::ROWS), [$alike], $added === null ? [] : ['sum' => ['sum', $added]]),
            ),
            fn (array $groups): array => ['rows' => count($groups), 'table' => $table->name],
        );
    }

    /**
     * @param  iterable<Row>  $rows
     * @return list<Row>
     */
    private static function first(iterable $rows, int $most): array
    {
        $first = [];
        foreach ($most < 1 ? [] : $rows as $row) {
            $first[] = $row;
            if (count($first) >= $most) {
                break;
            }
        }

        return $first;
    }

    private function asked(Table $table, string $where): string
    {
        return $table->name.($where === '' ? '' : " where $where");
    }

    /**
     * The query for a condition, and what of it must still be asked of each row; null where it cannot be computed at all.
     *
     * @param  list<Sort>  $sorts
     * @param  list<string>  $shown
     * @return array{Query, Closure(Row): bool|null}|null
     */
    private function finding(Table $table, string $where, array $sorts, array $shown, ?Term $also, string $search = ''): ?array
    {
        $condition = null;
        $rest = false;
        $formula = Formula::none();
        if ($where !== '') {
            try {
                $formula = Formula::of($where);
                [$condition, $rest] = Conditions::of($formula, $table, $this->blueprint, $this->evaluation());
            } catch (FormulaMistake) {
                return null;
            }
        }
        $condition = $also === null ? $condition : Term::all(...array_filter([$also, $condition]));
        $query = new Query($table, $condition, $sorts, search: $search, compute: $this->computed($table, $where, $shown));
        $given = $this->given($table);
        if (! $rest && $given === null) {
            return [$query, null];
        }
        $holds = ! $rest
            ? fn (Row $row): bool => true
            : CompiledFormula::of($formula, $table, $this->evaluation()) ?? fn (Row $row): mixed => $this->inRow($row)->evaluation()->of($formula);

        return [$query, fn (Row $row): bool => ($given === null || isset($given[$row->id])) && $holds($row) === true];
    }

    /**
     * The rows that a query finds and of which the rest of the condition holds.
     *
     * @param  Closure(Row): bool  $holds
     * @return iterable<Row>
     *
     * @throws TooMuch
     */
    private function left(Query $query, Closure $holds, string $where): iterable
    {
        $some = [];
        $checked = function () use (&$some, $query, $holds, $where): iterable {
            $this->reader->ahead($query->table, $some, [$where]);
            yield from array_filter($some, $holds);
            $some = [];
        };
        foreach ($this->reader->each($query) as $row) {
            $some[] = $row;
            if (count($some) >= self::PAGE) {
                yield from $checked();
            }
        }
        yield from $checked();
    }

    /**
     * What the request that this stands under gave: a list of a service's answers shows those and no others.
     *
     * @return array<int, true>|null ids; null for a table that is stored, and for lists inside of an answer
     */
    private function given(Table $table): ?array
    {
        if (! $this->blueprint->isServiceTable($table) || $this->blueprint->asked($table->name) === null) {
            return null;
        }
        $rows = $this->names[Names::inFormula($table->name)] ?? [];

        return array_fill_keys(
            array_map(fn (Row $row): int => $row->id, array_values(array_filter(is_array($rows) ? $rows : [$rows], fn (mixed $r): bool => $r instanceof Row))),
            true,
        );
    }

    /** A formula about a row as a query can say it; null where it cannot, and for ''. */
    public function term(Table $table, string $formula): ?Term
    {
        try {
            return $formula === '' ? null : Terms::of(Formula::of($formula), $table, $this->blueprint, $this->evaluation());
        } catch (FormulaMistake) {
            return null;
        }
    }

    /**
     * What the query computes of each row: the formula fields that are asked for, and of the shown formulas those that look at
     * other rows.
     *
     * @param  list<string>  $shown
     * @return array<string, Term>
     */
    private function computed(Table $table, string $where, array $shown): array
    {
        $found = [];
        $asked = implode(' ', [$where, ...$shown]);
        $own = array_filter($table->fields, fn (Field $f): bool => $f->formula() !== '' && str_contains($asked, Names::inFormula($f->name)));
        foreach ($own as $field) {
            $term = $this->term($table, Names::inFormula($field->name));
            if ($term !== null) {
                $found[$field->computedAs()] = $term;
            }
        }
        foreach ($shown as $text) {
            $term = $this->term($table, $text);
            if ($term?->looksAround() === true) {
                $found[$text] = $term;
            }
        }

        return $found;
    }

    /**
     * What can be picked: options, or rows for a link, the row that is picked now always among them.
     *
     * @param  string  $name  of the box, by which a device says what is searched for among its rows
     * @param  string  $on  the table whose options they are
     * @return array{choices: list<array{id: string, label: string}>, rest?: string, least?: int, most?: int, whole?: true, unit?: string} the rest
     *   in words, where there are more; and between what a number lies
     */
    public function choices(FieldType $type, mixed $now = null, int $most = self::CHOICES, string $name = '', string $on = ''): array
    {
        $one = match (true) {
            $type instanceof LinkType => $type->one,
            $type instanceof LinksType => (string) $type->type()->of?->one,
            default => '',
        };
        $table = $one === '' ? null : $this->blueprint->tableOfOne($one);
        if ($table === null) {
            $option = fn (string $option): array => ['id' => $option, 'label' => $this->blueprint->shown($option, $on)];

            return ['choices' => array_map($option, $type->options())] + ($type instanceof Measured ? $type->measures() : []);
        }
        $label = $table->labelField();
        $by = $label === null ? null : $this->term($table, Names::inFormula($label->name));
        $sorts = $by === null ? [] : [Sort::byTerm($by)];

        $find = $name === '' ? '' : mb_substr($this->visit->finds["$this->at?$name"] ?? '', 0, self::LONGEST_FIND);
        $rows = $this->rows($table, '', $sorts, $most + 1, search: $find);
        $shown = array_slice($rows, 0, $most);
        $picked = array_diff(array_filter(is_array($now) ? $now : [$now], is_int(...)), array_map(fn (Row $row): int => $row->id, $shown));
        $choices = array_map(fn (Row $row): array => ['id' => (string) $row->id, 'label' => $row->label($this->moment->tongue())], [
            ...$shown,
            ...array_values($this->store->byIds($table, array_values($picked))),
        ]);

        return ['choices' => $choices] +
            (count($rows) > $most ? ['rest' => $this->own('Only the first {0} {1} are offered here.', $most, $table->name)] : []);
    }

    /** @param  bool  $shows  what it gives is shown and nothing else: fields say it in the language of whoever looks */
    public function evaluation(bool $shows = false): Evaluation
    {
        $otherwise = $shows ? $this->blueprint->saidOtherwise($this->moment->tongue()) : [];

        return new Evaluation($this->moment, $this->reader, $this->now($this->names), $this->now($this->inputs), $this->here(), otherwise: $otherwise);
    }

    /** The row that this stands in, as this tap has left it so far. */
    public function here(): ?Row
    {
        return $this->row === null ? null : $this->reader->fresh($this->row);
    }

    /** The person, as this tap has left them so far; null for nobody. */
    public function me(): ?Row
    {
        $me = $this->now($this->names)['me'] ?? null;

        return $me instanceof Row ? $me : null;
    }

    /**
     * Rows that a tap has written to are looked at as they are now.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private function now(array $values): array
    {
        if (! $this->reader->hasWritten()) {
            return $values;
        }
        foreach ($values as $name => $value) {
            if ($value instanceof Row) {
                // A person sees all of themselves.
                $values[$name] = ($name === 'me' ? $this->reader->whole() : $this->reader)->fresh($value);
            }
        }

        return $values;
    }

    /** For a list that shows nothing: how many rows there are, and how many each part of the condition leaves. */
    public function whyEmpty(Table $table, string $where, ?Term $also, Narrowing $narrowing): EmptyAccount
    {
        return EmptyAccount::of($this, $table, $where, $also, $narrowing);
    }

    /** The condition that rows of a table are linked with this row, from either end; null where no link joins the two. */
    public function linkedWith(Table $table, Row $owner): ?Term
    {
        foreach ($this->blueprint->backLinks($owner->table) as $link) {
            if ($link->from === $table) {
                return Reader::linkingTo($link, $owner);
            }
        }
        $yesNo = Type::of(Kind::YesNo);
        foreach ($owner->table->fields as $field) {
            $there = Term::value($owner, Type::row($owner->table->singular));
            if ($field->linksToMany() === $table->singular) {
                return Term::among(
                    'any',
                    $yesNo,
                    new Among(
                        $owner->table,
                        1,
                        $field,
                        $owner->table,
                        true,
                        Term::id(0, $table),
                        Term::operator('==', $yesNo, Term::id(1, $owner->table), $there),
                    ),
                );
            }
        }

        return null;
    }
}
