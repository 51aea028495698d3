<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Connection;
use Lanai\Core\Formula\Among;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Term;
use Lanai\Core\Runtime\TooMuch;

/**
 * What a query would cost in rows looked at, told before it is asked: SQLite has no way to be stopped once it has begun. Where
 * rows are looked up for each row of another table by nothing that an index has, their numbers multiply.
 */
final class QueryCost
{
    /** Some ten seconds (measured: 9 million pairs of rows in 0.8 s). */
    private const MOST = 100_000_000;

    /** A function of formulas is called back out of the query (measured: some 3 µs). */
    private const CALL = 30;

    /** What an index finds is taken to be so few. */
    private const FOUND = 20;

    /** @var array<string, int> stored table => its rows, or the number of its last one */
    private array $sizes = [];

    /** What is worked out once for all rows. */
    private float $once = 0;

    public function __construct(private readonly Connection $database)
    {
    }

    /**
     * @param  string  $table  the stored table that the query is about; '' for a term by itself
     * @param  list<Term>  $terms  what is asked of each of its rows
     *
     * @throws TooMuch
     */
    public function check(string $table, array $terms): void
    {
        $inner = array_filter($terms, fn (Term $t): bool => $t->looksAround());
        if ($inner === []) {
            return;
        }
        $this->once = 0;
        $each = array_sum(array_map($this->of(...), $inner));
        $cost = ($table === '' ? 1 : $this->size($table)) * $each + $this->once;
        if ($cost > self::MOST) {
            throw new TooMuch('This would compare too many rows with one another: about '.number_format($cost).' pairs. Look rows up by a field that must be like another one (==), or choose fewer rows first.');
        }
    }

    private function of(Term $term): float
    {
        $own = $term->kind === 'call' ? self::CALL : 1;
        $parts = array_sum(array_map($this->of(...), $term->parts));
        if ($term->among === null) {
            return $own + $parts;
        }

        $inner = $this->rows($term->among) * (1.0 + ($term->among->where === null ? 0 : $this->of($term->among->where)) + ($term->among->of === null ? 0 : $this->of($term->among->of)));
        if (self::outside($term) === []) {
            // What does not look at a row around it is worked out once.
            $this->once += $inner;
            $inner = 0;
        }

        return $own + $parts + $inner;
    }

    /** @return array<int, true> the numbers of rows that it looks at and that stand around it */
    private static function outside(Term $term): array
    {
        $rows = in_array($term->kind, ['column', 'id'], true) ? [$term->row => true] : [];
        foreach ($term->parts as $part) {
            $rows += self::outside($part);
        }
        if ($term->kind === 'lookup') {
            unset($rows[$term->row]);
        }
        foreach ($term->among === null ? [] : [$term->among->owner, $term->among->where, $term->among->of] as $part) {
            $rows += $part === null ? [] : self::outside($part);
        }
        if ($term->among !== null) {
            unset($rows[$term->among->row]);
        }

        return $rows;
    }

    private function rows(Among $among): float
    {
        $size = $this->size($among->table->storedAs());

        return $among->link !== null || self::byIndex($among->where, $among->row) ? min($size, self::FOUND) : $size;
    }

    /** Whether a field of the inner row must be like something that is the same for all of them. */
    private static function byIndex(?Term $where, int $row): bool
    {
        if ($where === null) {
            return false;
        }
        if ($where->kind === 'operator' && $where->name === 'and') {
            return array_filter($where->parts, fn (Term $part): bool => self::byIndex($part, $row)) !== [];
        }
        if ($where->kind !== 'operator' || $where->name !== '==') {
            return false;
        }
        foreach ([[$where->parts[0], $where->parts[1]], [$where->parts[1], $where->parts[0]]] as [$side, $other]) {
            if (in_array($side->kind, ['column', 'id'], true) && $side->row === $row && ($side->field === null || $side->field->valueType()->kind !== Kind::YesNo) && ! self::isAbout($other, $row)) {
                return true;
            }
        }

        return false;
    }

    private static function isAbout(Term $term, int $row): bool
    {
        return (in_array($term->kind, ['column', 'id'], true) && $term->row === $row) || array_filter($term->parts, fn (Term $part): bool => self::isAbout($part, $row)) !== [] || $term->among !== null;
    }

    private function size(string $table): int
    {
        return $this->sizes[$table] ??= (int) $this->database->scalar('select max("id") from '.Sql::name($table));
    }
}
