<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Term;

/** The rows of one app in one data set. */
interface RecordStore
{
    /** The app whose rows these are. */
    public function blueprint(): Blueprint;

    /** The same with every row in it, whoever asks. */
    public function whole(): self;

    /** Whose rights limit the rows; null where nobody's do. */
    public function rights(): ?Sight;

    /** @return list<Row> */
    public function rows(Query $query): array;

    /**
     * All rows that the query finds, whatever its limit, in its order: read bit by bit, a bounded number at a time.
     *
     * @return iterable<Row>
     */
    public function each(Query $query): iterable;

    /** What a term is worth that stands on no row of its own: a count, a sum, over any number of rows. */
    public function compute(Term $term): mixed;

    /** How many rows meet the query's condition, whatever its limit. */
    public function count(Query $query): int;

    /** True where who may see the rows of a table can only be told one by one: then no query puts them together. */
    public function seenOneByOne(Table $table): bool;

    /**
     * Rows put together by what they have alike.
     *
     * @param  list<Term>  $by
     * @param  array<string, array{'sum'|'average'|'min'|'max', Term}>  $of  key => what is computed over the rows of a group
     * @return list<array{by: list<mixed>, count: int, of: array<string, mixed>}> the largest groups first
     */
    public function groups(Query $query, array $by, array $of = []): array;

    /**
     * @param  list<int>  $ids
     * @return array<int, Row> by id; rows that are not there are left out
     */
    public function byIds(Table $table, array $ids): array;

    /**
     * @param  array<string, mixed>  $values  column => value as in Row
     * @return int the new row's id
     */
    public function add(Table $table, array $values): int;

    /**
     * @param  array<string, mixed>  $values
     * @return bool false where there is no such row
     */
    public function change(Table $table, int $id, array $values): bool;

    /** Removes a row; links to it become empty. False where there is no such row. */
    public function remove(Table $table, int $id): bool;

    /**
     * Runs the work with no other writer in between; if it throws, nothing it wrote stays.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function together(callable $work): mixed;

    /**
     * The answer that was kept for a tap, so that the same tap sent twice acts once.
     *
     * @return array<string, mixed>|null
     */
    public function answerTo(string $tap): ?array;

    /** @param  array<string, mixed>  $answer */
    public function keepAnswer(string $tap, array $answer): void;

    /** A value of the app that is kept for a person, as written; null where none is. */
    public function kept(int $person, string $name): ?string;

    public function keep(int $person, string $name, string $written): void;
}
