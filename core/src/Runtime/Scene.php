<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\FieldTypes\LinksType;
use Lanai\Core\Data\FieldTypes\LinkType;
use Lanai\Core\Data\Query;
use Lanai\Core\Data\Row;
use Lanai\Core\Data\Sort;
use Lanai\Core\Formula\Among;
use Lanai\Core\Formula\Compiled;
use Lanai\Core\Formula\Conditions;
use Lanai\Core\Formula\Evaluation;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\Term;
use Lanai\Core\Formula\Terms;
use Lanai\Core\Formula\Type;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Script\Names;
use Lanai\Core\Services\Answers;

/** Where a line or an effect stands while it runs: the names it can use and the way to the rows. */
final readonly class Scene
{
    /** The most rows that are looked at where a condition cannot be decided by the query. */
    public const BOUND = Reader::BOUND;

    /**
     * @param  array<string, mixed>  $names
     * @param  array<string, mixed>  $inputs
     * @param  string  $at  JSON Pointer of the line
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
        public ?Answers $answers = null,
    ) {
    }

    public function at(string $at): self
    {
        return new self($this->blueprint, $this->store, $this->reader, $this->moment, $this->trail, $this->names, $this->inputs, $this->row, $at, $this->visit, $this->answers);
    }

    public function inRow(Row $row): self
    {
        return new self($this->blueprint, $this->store, $this->reader, $this->moment, $this->trail, ['this' => $row] + $this->names, $this->inputs, $row, $this->at, $this->visit, $this->answers);
    }

    /**
     * With these names and no others: what a request knows of what it is told.
     *
     * @param  array<string, mixed>  $names
     */
    public function about(array $names): self
    {
        return new self($this->blueprint, $this->store, $this->reader, $this->moment, $this->trail, $names, [], null, $this->at, $this->visit, $this->answers);
    }

    /** @param  array<string, mixed>  $inputs  what else `input.`, `app.` and `asset.` give */
    public function asking(array $inputs): self
    {
        return new self($this->blueprint, $this->store, $this->reader, $this->moment, $this->trail, $this->names, $inputs + $this->inputs, $this->row, $this->at, $this->visit, $this->answers);
    }

    /** @param  array<string, mixed>  $names */
    public function knowing(array $names): self
    {
        return new self($this->blueprint, $this->store, $this->reader, $this->moment, $this->trail, $names + $this->names, $this->inputs, $this->row, $this->at, $this->visit, $this->answers);
    }

    /** A template's text; a part that cannot be computed is left out, and a finding says so. */
    public function text(string $template, string $key, int $item = 0): string
    {
        if ($template === '') {
            return '';
        }
        try {
            $evaluation = $this->evaluation();
            $text = $evaluation->text(Template::of($template));
            $this->trail->origin($this->at, $key, $item, $template, $evaluation->reads);

            return $text;
        } catch (FormulaMistake) {
            return (string) preg_replace('/\{[^}]*\}?/', '…', $template);
        }
    }

    /** A formula's value; null where it cannot be computed. */
    public function value(string $formula, string $key, int $item = 0): mixed
    {
        try {
            $evaluation = $this->evaluation();
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
        return Formats::show($value, $this->moment);
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
        $condition = null;
        $rest = false;
        $formula = Formula::none();
        if ($where !== '') {
            try {
                $formula = Formula::of($where);
                [$condition, $rest] = Conditions::of($formula, $table, $this->blueprint, $this->evaluation());
            } catch (FormulaMistake) {
                return [];
            }
        }
        $condition = $also === null ? $condition : Term::all(...array_filter([$also, $condition]));
        $given = $this->given($table);
        $rest = $rest || $given !== null;
        $query = new Query($table, $condition, $sorts, $rest ? self::BOUND : $limit, $search, compute: $this->computed($table, $where, $shown));
        $text = $table->name.($where === '' ? '' : " where $where");

        return $this->trail->timed('query', $text, $this->at, function () use ($query, $rest, $table, $where, $formula, $limit, $given): array {
            $rows = $this->store->rows($query);
            if ($given !== null) {
                $rows = array_values(array_filter($rows, fn (Row $row): bool => isset($given[$row->id])));
            }
            if ($rest && $where !== '') {
                $this->reader->ahead($table, $rows, [$where]);
                $holds = Compiled::of($formula, $table, $this->evaluation()) ?? fn (Row $row): mixed => $this->inRow($row)->evaluation()->of($formula);
                $rows = array_values(array_filter($rows, fn (Row $row): bool => $holds($row) === true));
            }

            return array_slice($rows, 0, $limit);
        }, fn (array $rows): array => ['rows' => count($rows), 'table' => $table->name]);
    }

    /**
     * What the request that this stands under gave: a list of a service's answers shows those and no others.
     *
     * @return array<int, true>|null ids; null for a table that is stored, and for lists inside of an answer
     */
    private function given(Table $table): ?array
    {
        if (! $this->blueprint->isAnswer($table) || $this->blueprint->asked($table->name) === null) {
            return null;
        }
        $rows = $this->names[Names::inFormula($table->name)] ?? [];

        return array_fill_keys(array_map(fn (Row $row): int => $row->id, array_values(array_filter(is_array($rows) ? $rows : [$rows], fn (mixed $r): bool => $r instanceof Row))), true);
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

    /** @return list<array{id: string, label: string}> what can be picked: options, or rows for a link */
    public function choices(FieldType $type): array
    {
        $one = match (true) {
            $type instanceof LinkType => $type->one,
            $type instanceof LinksType => (string) $type->type()->of?->one,
            default => '',
        };
        $table = $one === '' ? null : $this->blueprint->tableOfOne($one);
        if ($table === null) {
            return array_map(fn (string $option): array => ['id' => $option, 'label' => $option], $type->options());
        }
        $label = $table->labelField();
        $sorts = $label === null ? [] : [Sort::by($label)];

        return array_map(fn (Row $row): array => ['id' => (string) $row->id, 'label' => $row->label()], $this->rows($table, '', $sorts, 500));
    }

    public function evaluation(): Evaluation
    {
        return new Evaluation($this->moment, $this->reader, $this->names, $this->inputs, $this->row);
    }

    /** For a list that shows nothing: how many rows there are, and how many each part of the condition leaves. */
    public function whyEmpty(Table $table, string $where, ?Term $also = null): EmptyAccount
    {
        return EmptyAccount::of($this, $table, $where, $also);
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
                return Term::among('any', $yesNo, new Among($owner->table, 1, $field, $owner->table, true, Term::id(0, $table), Term::operator('==', $yesNo, Term::id(1, $owner->table), $there)));
            }
        }

        return null;
    }
}
