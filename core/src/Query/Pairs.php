<?php

declare(strict_types=1);

namespace Lanai\Core\Query;

use Closure;
use Lanai\Core\Formula\Kind;

/**
 * How many rows a query would look at, told before it is asked: where rows are looked up for each row of another table by
 * nothing that an index has, their numbers multiply.
 */
final class Pairs
{
    /** Some ten seconds (measured: 9 million pairs of rows in 0.8 s). */
    public const MOST = 100_000_000;

    /** A function of formulas is called back out of the query (measured: some 3 µs). */
    private const CALL = 30;

    /** What an index finds is taken to be so few. */
    private const FOUND = 20;

    /** What is worked out once for all rows. */
    private float $once = 0;

    /** @param  Closure(string): int  $size  the rows of a stored table */
    private function __construct(private readonly Closure $size)
    {
    }

    /**
     * @param  string  $table  the stored table that the query is about; '' for a term by itself
     * @param  list<Term>  $terms  what is asked of each of its rows
     * @param  Closure(string): int  $size  the rows of a stored table
     * @return float 0 where the query looks at its own rows only
     */
    public static function of(string $table, array $terms, Closure $size): float
    {
        $inner = array_filter($terms, fn (Term $t): bool => $t->looksAround());
        if ($inner === []) {
            return 0;
        }
        $pairs = new self($size);
        $each = array_sum(array_map($pairs->in(...), $inner));

        return ($table === '' ? 1 : $size($table)) * $each + $pairs->once;
    }

    /** Such as "40 billion": it is an estimate. */
    public static function words(float $pairs): string
    {
        [$unit, $word] = $pairs >= 1e9 ? [1e9, 'billion'] : [1e6, 'million'];
        $count = $pairs / $unit;

        return number_format($count >= 10 ? round($count, -1) : round($count)).' '.$word;
    }

    private function in(Term $term): float
    {
        $own = $term->kind === 'call' ? self::CALL : 1;
        $parts = array_sum(array_map($this->in(...), $term->parts));
        if ($term->among === null) {
            return $own + $parts;
        }
        $each = 1.0 + ($term->among->where === null ? 0 : $this->in($term->among->where)) + ($term->among->of === null ? 0 : $this->in($term->among->of));
        $inner = $this->rows($term->among) * $each;
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
        $size = ($this->size)($among->table->storedAs());

        return $among->link !== null || self::byIndex($among->where, $among->row) ? min($size, self::FOUND) : $size;
    }

    /** Whether a field of the inner row must be like something that is the same for all of them. */
    private static function byIndex(?Term $where, int $row): bool
    {
        if ($where === null || $where->kind !== 'operator') {
            return false;
        }
        if ($where->name === 'and') {
            return array_filter($where->parts, fn (Term $part): bool => self::byIndex($part, $row)) !== [];
        }
        if ($where->name !== '==') {
            return false;
        }
        foreach ([[$where->parts[0], $where->parts[1]], [$where->parts[1], $where->parts[0]]] as [$side, $other]) {
            $own = in_array($side->kind, ['column', 'id'], true) && $side->row === $row;
            if ($own && ($side->field === null || $side->field->valueType()->kind !== Kind::YesNo) && ! self::isAbout($other, $row)) {
                return true;
            }
        }

        return false;
    }

    private static function isAbout(Term $term, int $row): bool
    {
        return (in_array($term->kind, ['column', 'id'], true) && $term->row === $row) || $term->among !== null
            || array_filter($term->parts, fn (Term $part): bool => self::isAbout($part, $row)) !== [];
    }
}
