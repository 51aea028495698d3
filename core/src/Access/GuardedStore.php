<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Model\Access\Meeting;
use Lanai\Core\Model\Access\Nobody;
use Lanai\Core\Model\Access\PersonIn;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\SearchWords;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Budget;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\OverAStore;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Rows\Terms;
use Lanai\Core\Text\Article;
use Lanai\Core\Text\Pattern;

/** The rows as one person may see and change them: every list, formula and effect of their visit goes through it. */
final readonly class GuardedStore implements RecordStore
{
    use OverAStore;

    public function __construct(private RecordStore $store, public Rights $rights, private Budget $budget = new Budget())
    {
    }

    public function blueprint(): Blueprint
    {
        return $this->store->blueprint();
    }

    public function whole(): RecordStore
    {
        return $this->store->whole();
    }

    public function rights(): Rights
    {
        return $this->rights;
    }

    public function rows(Query $query): array
    {
        [$asked, $check] = $this->narrowed($query);
        if (! $check) {
            return array_map($this->rights->masked(...), $this->store->rows($asked));
        }
        $rows = [];
        foreach ($query->limit < 1 ? [] : $this->each($query) as $row) {
            $rows[] = $row;
            if (count($rows) >= $query->limit) {
                break;
            }
        }

        return $rows;
    }

    public function each(Query $query): iterable
    {
        [$asked, $check] = $this->narrowed($query);
        $rows = $this->store->each($asked);
        foreach ($check ? $this->budget->over($rows, $query->table->name) : $rows as $row) {
            if ($check && ! $this->rights->may(Verb::See, $row)) {
                continue;
            }
            $row = $this->rights->masked($row);
            if ($query->search === '' || $asked->search !== '' || SearchWords::in($row, $query->search)) {
                yield $row;
            }
        }
    }

    public function compute(Term $term): mixed
    {
        // Whose rows it may count was written into the term when it was made.
        return $this->store->compute($term);
    }

    public function count(Query $query): int
    {
        [$asked, $check] = $this->narrowed($query);

        return $check ? iterator_count((fn (): iterable => (yield from $this->each($query->unordered())))()) : $this->store->count($asked);
    }

    public function seenOneByOne(Table $table): bool
    {
        return $this->narrowed(new Query($table))[1];
    }

    public function groups(Query $query, array $by, array $of = []): array
    {
        [$asked, $check] = $this->narrowed($query);
        if ($check) {
            throw new \LogicException('Rows that a query cannot tell apart cannot be put together by one.');
        }

        return $this->store->groups($asked, $by, $of);
    }

    public function byIds(Table $table, array $ids): array
    {
        $rows = $this->store->byIds($table, $ids);
        $rules = $this->rights->rules;
        if ($rules->barred(Verb::See, $table) !== [] || $this->rights->always($rules->of(Verb::See, $table)) !== true) {
            $rows = array_filter($rows, fn (Row $row): bool => $this->rights->may(Verb::See, $row));
        }

        return $this->rights->limited($table) === [] ? $rows : array_map($this->rights->masked(...), $rows);
    }

    public function add(Table $table, array $values): int
    {
        $row = new Row($table, 0, $values);
        $this->barred(Verb::Add, $row);
        if (! $this->rights->may(Verb::Add, $row)) {
            throw $this->refused(Verb::Add, $table, $this->rights->rules->of(Verb::Add, $table));
        }
        foreach ($table->fields as $field) {
            if ($field->isAsked() && ($values[$field->column()] ?? null) !== null && ! $this->rights->mayField(Verb::Add, $row, $field)) {
                $this->barred(Verb::Add, $row, $field);
                throw $this->refused(Verb::Add, $table, $this->rights->rules->ofField(Verb::Add, $table, $field) ?? [], $field);
            }
        }

        $id = $this->store->add($table, $values);
        $this->rights->wrote($table, $id);

        return $id;
    }

    public function change(Table $table, int $id, array $values): bool
    {
        $row = $this->store->byIds($table, [$id])[$id] ?? null;
        if ($row === null || ! $this->rights->may(Verb::See, $row)) {
            return false;
        }
        $this->barred(Verb::Change, $row);
        foreach ($table->fields as $field) {
            if (
                ! $field->isAsked() ||
                ! array_key_exists($field->column(), $values) ||
                StoredValue::plain($values[$field->column()]) === StoredValue::plain($row->value($field))
            ) {
                continue;
            }
            $this->barred(Verb::Change, $row, $field);
            $whos = $this->rights->rules->ofField(Verb::Change, $table, $field) ?? $this->rights->rules->of(Verb::Change, $table);
            $through = $this->rights->through($whos, $row);
            // Whoever may change a row because they stand in a field of it does not put somebody else there.
            if ($through === null || ($through instanceof PersonIn && $table->field($through->field) === $field)) {
                throw $this->refused(
                    Verb::Change,
                    $table,
                    $whos,
                    $through === null && $this->rights->rules->ofField(Verb::Change, $table, $field) === null ? null : $field,
                );
            }
        }

        $there = $this->store->change($table, $id, $values);
        $this->rights->wrote($table, $id);

        return $there;
    }

    public function remove(Table $table, int $id): bool
    {
        $row = $this->store->byIds($table, [$id])[$id] ?? null;
        if ($row === null || ! $this->rights->may(Verb::See, $row)) {
            return false;
        }
        $this->barred(Verb::Remove, $row);
        if (! $this->rights->may(Verb::Remove, $row)) {
            throw $this->refused(Verb::Remove, $table, $this->rights->rules->of(Verb::Remove, $table));
        }

        $there = $this->store->remove($table, $id);
        $this->rights->wrote($table, $id);

        return $there;
    }

    /** @return array{Query, bool} the query that finds no more than may be seen where a query can say so, and whether each row must still be looked at */
    private function narrowed(Query $query): array
    {
        $limit = $this->rights->condition(
            $query->table,
            null,
            fn (Formula $formula, Evaluation $outer): ?Term => Terms::of($formula, $query->table, $this->blueprint(), $outer),
        );
        // Words of a field that is not to be seen must not find its row either.
        $hides = $query->search !== '' && $this->rights->limited($query->table) !== [];
        $asked = $hides ? $query->searching('') : $query;

        return [$limit instanceof Term ? $asked->also($limit) : $asked, $limit === false || $hides];
    }

    /** @throws Refused where something takes it away from this person that others may */
    private function barred(Verb $verb, Row $row, ?Field $field = null): void
    {
        $unless = $this->rights->bar($verb, $row, $field);
        if ($unless !== null) {
            $what = $field === null ? Article::with($row->table->singular) : "“{$field->name}” of ".Article::with($row->table->singular);
            $words = Pattern::replace('/^nobody if/', 'if', $this->rights->rules->word($unless, $row->table));
            throw new Refused("Nobody may {$verb->does()} $what $words.");
        }
    }

    /** @param  list<Who>  $whos */
    private function refused(Verb $verb, Table $table, array $whos, ?Field $field = null): Refused
    {
        $what = $field === null ? Article::with($table->singular) : "“{$field->name}” of ".Article::with($table->singular);
        $allowed = array_values(array_filter($whos, fn (Who $w): bool => ! ($w instanceof Nobody)));
        $sentence =
            match (true) {
                $allowed === [] && $this->rights->rules->isSaid($verb, $table) => "Nobody can {$verb->does()} $what from here.",
                $allowed === [] => "Nobody can {$verb->does()} $what yet: nothing says who may.",
                default => 'Only '.
                    implode(
                        ' or ',
                        array_map(
                            fn (Who $w): string => $w instanceof Meeting
                                ? Pattern::replace('/^anyone if/', 'somebody for whom', $this->rights->rules->word($w, $table))
                                : $w->one(),
                            $allowed,
                        ),
                    ).
                    " may {$verb->does()} $what.",
            };

        return $this->rights->me === null && $allowed !== [] ? new SignInFirst('Please sign in first.') : new Refused($sentence);
    }
}
