<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Closure;
use Lanai\Core\Formula\LongList;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Term;

/** Reads rows, following links. */
interface Rows
{
    /** The app whose rows these are; null where there is none. */
    public function blueprint(): ?Blueprint;

    /** The same over every row, whoever asks. */
    public function whole(): self;

    /** Whose rights limit the rows; null where nobody's do. */
    public function rights(): ?Sight;

    /** @param  string  $one what one row of the table is called */
    public function row(string $one, int $id): ?Row;

    /** True where formulas can ask the row for this: a field, or rows that link to it. */
    public function has(Row $row, string $name): bool;

    /** @return list<Row>|LongList|null the rows at the other ends of its links; null where it has no such list */
    public function linked(Row $row, string $name): array|LongList|null;

    /** @return list<Row>|LongList|null the rows of the table that formulas call so; null where there is none */
    public function all(string $table): array|LongList|null;

    /**
     * One step of a formula over the items of a list; whoever asks bounds them.
     *
     * @param  Closure(): string  $formula  what is being worked out
     */
    public function step(Closure $formula): void;

    /**
     * Refuses a formula whose text grows beyond what can be shown.
     *
     * @param  Closure(): string  $formula  what is being worked out
     */
    public function tooLong(Closure $formula): never;

    /** What a term over rows is worth, as a query says it; the term stands on no row of its own. */
    public function compute(Term $term): mixed;

    /**
     * What was worked out for a row before, as long as nothing was written since; else it is worked out now.
     *
     * @param  string  $what  the formula, and all that it depends on beside the row
     * @param  Closure(): mixed  $compute
     */
    public function remembered(Row $row, string $what, Closure $compute): mixed;
}
