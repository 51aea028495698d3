<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Comparison;
use Lanai\Core\Formula\ListFunctions;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\QueryCall;
use Lanai\Core\Query\Term;
use Lanai\Core\Text\Texts;

/** Says what a term means, over rows in memory: a second reading beside that of SQL. */
final readonly class TermReader
{
    public function __construct(private RecordStore $store, private Moment $moment)
    {
    }

    /** @param  array<int, Row>  $rows by number */
    public function of(Term $term, array $rows): mixed
    {
        $part = fn (int $i): mixed => $this->of($term->parts[$i], $rows);

        return match ($term->kind) {
            'value' => $term->value instanceof Row ? $term->value->id : $term->value,
            'column' => $term->field === null ? null : $rows[$term->row]->value($term->field),
            'id' => $rows[$term->row]->id,
            'choice' => $part(0) === true ? $part(1) : $part(2),
            'lookup' => $this->lookup($term, $rows),
            'call' => QueryCall::of($term->name, array_map(fn (Term $t): mixed => $this->of($t, $rows), $term->parts), $this->moment),
            'among' => $this->among($term, $rows),
            default => $this->operator($term, $rows),
        };
    }

    /** @param  array<int, Row>  $rows */
    private function lookup(Term $term, array $rows): mixed
    {
        $id = $this->of($term->parts[0], $rows);
        $row = $term->table === null || ! is_int($id) ? null : $this->store->byIds($term->table, [$id])[$id] ?? null;

        return $row === null ? null : $this->of($term->parts[1], [$term->row => $row] + $rows);
    }

    /** @param  array<int, Row>  $rows */
    private function operator(Term $term, array $rows): mixed
    {
        $values = array_map(fn (Term $t): mixed => $this->of($t, $rows), $term->parts);
        [$a, $b] = [$values[0] ?? null, $values[1] ?? null];
        $order = $a === null || $b === null ? null : Comparison::of($a, $b);

        return match ($term->name) {
            'and' => ! in_array(false, array_map(fn (mixed $v): bool => $v === true, $values), true),
            'or' => in_array(true, $values, true),
            'not' => $a !== true,
            '==' => Evaluation::alike($a, $b),
            '!=' => ! Evaluation::alike($a, $b),
            '<' => $order !== null && $order < 0,
            '>' => $order !== null && $order > 0,
            '<=' => $order !== null && $order <= 0,
            '>=' => $order !== null && $order >= 0,
            'contains' => is_string($a) && is_string($b) && Texts::holds($a, $b),
            '~' => (is_string($a) ? $a : '').(is_string($b) ? $b : ''),
            'coalesce' => array_values(array_filter($values, fn (mixed $v): bool => $v !== null))[0] ?? null,
            default => Arithmetic::of($term->name, $a, $b),
        };
    }

    /** @param  array<int, Row>  $rows */
    private function among(Term $term, array $rows): mixed
    {
        $among = $term->among ?? throw new \LogicException('A term over rows has rows.');
        $owner = $among->owner === null ? null : $this->of($among->owner, $rows);
        $found = [];
        foreach ($this->store->each(new Query($among->table)) as $row) {
            $linked =
                $among->link === null ||
                ($among->back
                    ? in_array($owner, (array) $row->value($among->link), true)
                    : is_int($owner) &&
                        in_array(
                            $row->id,
                            (array) ($this->store->byIds($among->linking ?? $among->table, [$owner])[$owner] ?? null)?->value($among->link),
                            true,
                        ));
            $inside = [$among->row => $row] + $rows;
            if ($linked && ($among->where === null || $this->of($among->where, $inside) === true)) {
                $found[] = $among->of === null ? $row : $this->of($among->of, $inside);
            }
        }
        $sum = ListFunctions::compute($term->name, $found, null, null, $this->moment);

        return $term->name === 'sum' && $sum === null ? ($term->type->zero() ?? 0) : $sum;
    }
}
