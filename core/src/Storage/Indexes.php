<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

use Closure;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;

/** Which indexes the queries of an app need: links, rules that no two rows are alike, and what its lists filter and sort by. */
final class Indexes
{
    /**
     * @param  Closure(ListPlan, Table): list<array{Table, list<IndexKey>}>|null  $choose  which of a list's alternatives is made; null for the first
     * @return list<array{Table, list<IndexKey>}> none of which another begins with
     */
    public static function of(Blueprint $blueprint, ?Closure $choose = null): array
    {
        $wanted = [];
        foreach ($blueprint->tables as $table) {
            foreach ($table->stored() as $field) {
                if ($field->linksTo() !== '' || $field->unique) {
                    $wanted[] = [$table, [IndexKey::alike($field)]];
                }
            }
            $alike = array_values(
                array_filter(array_map(fn (string $name): ?Field => $table->field($name), $table->alike), fn (?Field $f): bool => $f?->hasColumn() === true),
            );
            if ($alike !== []) {
                $wanted[] = [$table, array_map(IndexKey::alike(...), $alike)];
            }
        }
        foreach ($blueprint->screens as $screen) {
            foreach ($screen->lines() as $line) {
                $table = $line instanceof ListLine ? $blueprint->table($line->table) : null;
                // What a service answers is not stored.
                if ($table === null || $blueprint->isServiceTable($table)) {
                    continue;
                }
                $plan = ListPlan::of($line, $table, $blueprint);
                $chosen = $choose === null ? $plan->alternatives($table)[0] ?? [] : $choose($plan, $table);
                array_push($wanted, ...array_filter($chosen, fn (array $index): bool => ! $blueprint->isServiceTable($index[0])));
            }
        }
        $wanted = [...$wanted, ...JoinFields::of($blueprint)];
        $kept = [];
        foreach ($wanted as [$table, $keys]) {
            $kept[$table->storedAs().' '.implode(' ', array_map(fn (IndexKey $k): string => $k->name(), $keys)).' '] = [$table, $keys];
        }

        return array_values(
            array_filter(
                $kept,
                fn (string $key): bool => array_filter(array_keys($kept), fn (string $other): bool => $other !== $key && str_starts_with($other, $key)) === [],
                ARRAY_FILTER_USE_KEY,
            ),
        );
    }
}
