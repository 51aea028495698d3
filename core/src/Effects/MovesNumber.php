<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Comparison;
use Lanai\Core\Play\Doing;
use Lanai\Core\Rows\Refused;

/** What lowering and raising share: a number of a stored row is read and written with no other writer in between. */
trait MovesNumber
{
    /**
     * @param  string  $number  a path to a stored number, such as swim.places
     * @param  '+'|'-'  $operator
     * @param  string  $bound  a formula; '' for none
     * @param  callable(int): bool  $allows  gets how the number compares with the bound
     *
     * @throws Refused
     */
    private function move(Doing $doing, string $number, string $by, string $operator, string $bound, callable $allows, string $otherwise): void
    {
        $doing->scene->reader->forget();
        [$row, $field] = $doing->cell($number) ?? throw $doing->gone($number);
        if (! $field->hasColumn()) {
            throw new Refused('This is not a number that can go up or down.');
        }
        $now = $row->value($field) ?? $field->valueType()->zero() ?? 0;
        $limit = $bound === '' ? null : $doing->scene->value($bound, 'bound');
        if ($limit !== null && ! $allows(Comparison::of($now, $limit))) {
            throw new Refused($otherwise === '' ? 'This is not possible any more.' : $doing->scene->text($otherwise, 'otherwise'));
        }
        $next =
            Arithmetic::of($operator, $now, $by === '' ? 1 : $doing->scene->value($by, 'by')) ??
            throw new Refused('This is not a number that can go up or down.');
        $checked = $doing->check()->of($row->table, [$field->column() => is_int($next) || is_float($next) ? (string) $next : $next], $row);
        foreach ($checked->errors as $sentence) {
            throw new Refused($otherwise === '' ? "$field->name: $sentence" : $doing->scene->text($otherwise, 'otherwise'));
        }
        $doing->change($row, $checked->values);
    }
}
