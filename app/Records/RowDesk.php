<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\App;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Literals;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\Terms;
use Lanai\Core\Text\Names;
use Lanai\Core\Wording\Picks;
use Lanai\Core\Wording\WordsToFormula;

/** What the founder's grid does with the rows of one table: pages, changes together, removal that can be undone. */
final readonly class RowDesk
{
    public EloquentRecordStore $store;

    private Connection $database;

    private Moment $moment;

    public function __construct(App $app, DataSet $set, private Blueprint $blueprint, public Table $table)
    {
        $this->store = new EloquentRecordStore($app, $set, $blueprint);
        $this->database = DB::connection((new DataFile($app, $set))->connection);
        $this->moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'));
    }

    /**
     * @param  string  $sort  a field's name in formulas; '' for the order of adding
     * @param  string  $where  a formula about the row
     *
     * @throws FormulaMistake where the formula cannot be asked of a query
     */
    public function query(string $sort, bool $upward, string $search, string $where, int $limit = 200): Query
    {
        $compute = [];
        foreach ($this->table->fields as $field) {
            $term = $this->termOf($field);
            if ($term !== null && $field->formula() !== '') {
                $compute[$field->computedAs()] = $term;
            }
        }
        $field = $sort === '' ? null : $this->table->fieldInFormula($sort);
        $by = $field === null ? null : $this->termOf($field);

        return new Query($this->table, $this->condition($where), $by === null ? [] : [Sort::byTerm($by, $upward)], $limit, $search, compute: $compute);
    }

    /**
     * The keys of every so manyeth row, so that a page can begin anywhere without counting up to it.
     *
     * @return list<list<string|int|float|null>> each with the sort key, if there is one, and the id
     */
    public function anchors(Query $query, int $every): array
    {
        return $this->store->anchors($query, $every);
    }

    /**
     * Changes and adds rows, all or none.
     *
     * @param  list<array{id: int|null, values: array<string, mixed>, was: array<string, string>}>  $changes by names in formulas; `was` is what the founder saw
     * @return array{rows: list<Row>, errors: list<array{index: int, field: string, sentence: string}>, changed: list<array{id: int, field: string,
     *   now: string}>}
     */
    public function write(array $changes): array
    {
        $errors = [];
        $stale = [];
        $ids = [];
        try {
            $this->store->together(function () use ($changes, &$errors, &$stale, &$ids): void {
                $there = $this->store->byIds($this->table, array_values(array_filter(array_column($changes, 'id'))));
                $check = new RowCheck($this->store, $this->moment);
                foreach ($changes as $index => $change) {
                    $before = $change['id'] === null ? null : $there[$change['id']] ?? null;
                    if ($change['id'] !== null && $before === null) {
                        $errors[] = ['index' => $index, 'field' => '', 'sentence' => "Row {$change['id']} is no longer there."];

                        continue;
                    }
                    array_push($stale, ...$before === null ? [] : $this->stale($before, $change['was'], $change['values']));
                    $checked = $check->of($this->table, $this->columns($change['values']), $before);
                    foreach ($checked->errors as $field => $sentence) {
                        $errors[] = ['index' => $index, 'field' => $field, 'sentence' => $sentence];
                    }
                    if ($errors === [] && $stale === []) {
                        $ids[] = $before === null ? $this->store->add($this->table, $checked->values) : $before->id;
                        $before !== null && $this->store->change($this->table, $before->id, $checked->values);
                    }
                }
                if ($errors !== [] || $stale !== []) {
                    throw new NothingWritten();
                }
            });
        } catch (NothingWritten) {
            return ['rows' => [], 'errors' => $errors, 'changed' => $stale];
        }

        return ['rows' => $this->rows($ids), 'errors' => [], 'changed' => []];
    }

    /**
     * Removes rows together and keeps what an undo needs.
     *
     * @param  list<int>|null  $ids  null for all that the query finds
     * @return array{removed: int, token: string}
     */
    public function remove(?array $ids, Query $query): array
    {
        return $this->store->together(function () use ($ids, $query): array {
            $found = $ids ?? $this->store->ids($query);
            $bin = new RowBin($this->database, $this->blueprint);
            $token = Str::random(20);
            $removed = $bin->throwAway($token, $this->table, $found);

            return ['removed' => $removed, 'token' => $token];
        });
    }

    /** Puts removed rows back, with the links that led to them. */
    public function restore(string $token): int
    {
        return $this->store->together(fn (): int => (new RowBin($this->database, $this->blueprint))->putBack($token));
    }

    /**
     * How the values of a field are spread: their number, the most frequent, and for measures the sum and the mean.
     *
     * @return array{filled: int, totals: array<string, string>, most: list<array{text: string, count: int, where: string}>}
     */
    public function summary(Field $field, Query $query): array
    {
        $term = $this->termOf($field);
        if ($term === null) {
            return ['filled' => 0, 'totals' => [], 'most' => []];
        }
        $labels = fn (mixed $value): string => match (true) {
            $field->linksTo() !== '' && is_int($value) => $this->label($field->linksTo(), $value),
            $value === null => '',
            default => Formats::plain($value),
        };
        $groups = $this->store->groups(new Query($query->table, $query->where, [], 12, $query->search), [$term]);
        $aggregates =
            match (true) {
                $term->type->zero() !== null => ['sum', 'average', 'min', 'max'],
                $term->type->kind->isOrdered() && $term->type->kind !== Kind::Text => ['min', 'max'],
                default => [],
            };
        $filled = $this->store->count(
            new Query(
                $query->table,
                Term::all(...array_filter([$query->where, Term::operator('!=', Type::of(Kind::YesNo), $term, Term::value(null, Type::of(Kind::Nothing)))])),
                [],
                1,
                $query->search,
            ),
        );
        $totals = [];
        $all =
            $aggregates === []
                ? []
                : $this->store->groups(
                    new Query($query->table, $query->where, [], 1, $query->search),
                    [Term::value(1, Type::of(Kind::Whole))],
                    array_combine($aggregates, array_map(fn (string $a): array => [$a, $term], $aggregates)),
                );
        foreach ($all[0]['of'] ?? [] as $name => $value) {
            $value =
                $name === 'average' && is_float($value) && $term->type->kind !== Kind::Decimal && ! $term->type->isNumber()
                    ? StoredValue::value($term->type, (int) round($value))
                    : $value;
            $totals[$name] = Formats::plain($value);
        }

        return [
            'filled' => $filled,
            'totals' => $totals,
            'most' => array_map(
                fn (array $g): array => ['text' => $labels($g['by'][0]), 'count' => $g['count'], 'where' => $this->having($field, $g['by'][0])],
                $groups,
            ),
        ];
    }

    /** @return list<Row> rows of a linked table that can be picked, those whose texts hold the words */
    public function choices(Field $field, string $search): array
    {
        $linked = $this->blueprint->tableOfOne($field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany());
        $label = $linked?->labelField();

        return $linked === null ? [] : $this->store->rows(new Query($linked, null, $label === null ? [] : [Sort::by($label)], 40, $search));
    }

    /**
     * A row with everything that links to it.
     *
     * @return list<array{name: string, table: string, count: int, rows: list<array{id: int, label: string}>}>
     */
    public function linked(Row $row): array
    {
        $lists = [];
        foreach ($this->blueprint->backLinks($this->table) as $name => $link) {
            $condition = Reader::linkingTo($link, $row);
            $rows = $this->store->rows(new Query($link->from, $condition, limit: 20));
            $lists[] = [
                'name' => "{$link->from->name}, by {$link->field->name}",
                'table' => $link->from->storedAs(),
                'count' => $this->store->count(new Query($link->from, $condition)),
                'rows' => array_map(fn (Row $r): array => ['id' => $r->id, 'label' => $r->label()], $rows),
            ];
        }

        return $lists;
    }

    public function row(int $id): ?Row
    {
        return $this->rows([$id])[0] ?? null;
    }

    /**
     * @param  list<int>  $ids
     * @return list<Row> with what is computed of them, by id
     */
    private function rows(array $ids): array
    {
        $compute = $this->query('', true, '', '')->compute;

        return array_merge(
            ...array_map(
                fn (array $some): array => $this->store->rows(new Query($this->table, $this->among($some), compute: $compute, limit: 400)),
                array_chunk($ids, 400),
            ),
        );
    }

    /** @return array{id: int, values: array<string, string>} as the grid writes it */
    public function written(Row $row): array
    {
        $values = [];
        foreach ($this->table->fields as $field) {
            $key = Names::inFormula($field->name);
            $formula = $field->formula();
            $values[$key] =
                $formula === ''
                    ? $field->type->write($row->value($field))
                    : Formats::plain(
                        array_key_exists($field->computedAs(), $row->computed) ? $row->computed[$field->computedAs()] : $this->computed($row, $formula),
                    );
        }

        return ['id' => $row->id, 'values' => $values];
    }

    /**
     * @param  list<Row>  $rows
     * @return array<string, array<int, string>> what linked rows are called, by the field that links to them
     */
    public function labels(array $rows): array
    {
        $labels = [];
        foreach ($this->table->fields as $field) {
            $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
            $linked = $to === '' ? null : $this->blueprint->tableOfOne($to);
            $ids = array_merge(...array_map(fn (Row $r): array => array_filter((array) $r->value($field), is_int(...)), $rows), ...[[]]);
            foreach ($linked === null ? [] : $this->store->byIds($linked, array_values(array_unique($ids))) as $other) {
                $labels[Names::inFormula($field->name)][$other->id] = $other->label();
            }
        }

        return $labels;
    }

    /** The condition that finds rows with this value; '' where a formula cannot write the value down. */
    private function having(Field $field, mixed $value): string
    {
        $name = Names::inFormula($field->name);
        $part = match (true) {
            $value === null => ['thing' => $name, 'is' => 'empty', 'value' => ''],
            is_bool($value) => ['thing' => $name, 'is' => $value ? 'yes' : 'no', 'value' => ''],
            $field->linksTo() !== '' && is_int($value) => ['thing' => "$name.id", 'is' => 'is', 'value' => (string) $value],
            is_int($value), is_float($value) => ['thing' => $name, 'is' => 'is', 'value' => (string) json_encode($value)],
            is_string($value) => ['thing' => $name, 'is' => 'is', 'value' => Literals::text($value)],
            default => null,
        };

        return $part === null ? '' : Picks::write('and', [$part]);
    }

    private function label(string $one, int $id): string
    {
        return (new Reader($this->store))->row($one, $id)?->label() ?? '';
    }

    /** The value of a formula field, as the query computed it or as it is computed now. */
    public function valueOf(Row $row, Field $field): mixed
    {
        return array_key_exists($field->computedAs(), $row->computed) ? $row->computed[$field->computedAs()] : $this->computed($row, $field->formula());
    }

    private function computed(Row $row, string $formula): mixed
    {
        try {
            return (new Evaluation($this->moment, new Reader($this->store), ['this' => $row, 'me' => null], [], $row))->of(Formula::of($formula));
        } catch (FormulaMistake) {
            return null;
        }
    }

    private function termOf(Field $field): ?Term
    {
        if ($field->formula() === '') {
            return $field->hasColumn() ? Term::column(0, $field) : null;
        }
        try {
            return Terms::of(Formula::of($field->formula()), $this->table, $this->blueprint, $this->outer());
        } catch (FormulaMistake) {
            return null;
        }
    }

    /** @throws FormulaMistake */
    private function condition(string $where): ?Term
    {
        if (trim($where) === '') {
            return null;
        }
        $formula = Formula::of(WordsToFormula::formula($where, Scope::of($this->blueprint)->inRow($this->table)) ?? $where);
        if (! $formula->typeIn(Scope::of($this->blueprint)->inRow($this->table))->fits(Type::of(Kind::YesNo))) {
            throw new FormulaMistake('A filter must say yes or no of each row, as in places > 3.');
        }
        [$term, $rest] = Conditions::of($formula, $this->table, $this->blueprint, $this->outer());

        return ! $rest ? $term : throw new FormulaMistake('The grid cannot filter by this: a part of it can only be computed row by row.');
    }

    private function outer(): Evaluation
    {
        return new Evaluation($this->moment, new Reader($this->store), ['me' => null]);
    }

    /** @param  list<int>  $ids */
    private function among(array $ids): Term
    {
        $yesNo = Type::of(Kind::YesNo);
        $parts = array_map(
            fn (int $id): Term => Term::operator('==', $yesNo, Term::id(0, $this->table)->asNumber(), Term::value($id, Type::of(Kind::Whole))),
            $ids,
        );

        return $parts === [] ? Term::value(false, $yesNo) : Term::operator('or', $yesNo, ...$parts);
    }

    /**
     * @param  array<string, string>  $was
     * @param  array<string, mixed>  $values
     * @return list<array{id: int, field: string, now: string}> what another writer changed meanwhile
     */
    private function stale(Row $row, array $was, array $values): array
    {
        $now = $this->written($row)['values'];
        $stale = [];
        foreach ($was as $key => $seen) {
            if (isset($now[$key]) && $now[$key] !== $seen && $now[$key] !== ($values[$key] ?? null)) {
                $stale[] = ['id' => $row->id, 'field' => $key, 'now' => $now[$key]];
            }
        }

        return $stale;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed> by column
     */
    private function columns(array $values): array
    {
        $columns = [];
        foreach ($values as $key => $value) {
            $field = $this->table->fieldInFormula((string) $key);
            if ($field !== null && $field->isAsked()) {
                $columns[$field->column()] = $value;
            }
        }

        return $columns;
    }
}
