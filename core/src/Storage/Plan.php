<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

use Closure;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\Table;

/**
 * How a data set follows a revision. Names in storage never change, so a rename is no step; what the blueprint leaves out
 * stays in storage, so that an undo brings the values back.
 */
final class Plan
{
    /**
     * @param  Closure(ListPlan, Table): list<array{Table, list<IndexKey>}>|null  $choose  see Indexes::of
     * @return list<Step>
     */
    public static function from(Layout $now, Blueprint $blueprint, ?Closure $choose = null): array
    {
        $tables = [];
        $columns = [];
        $joins = [];
        foreach ($blueprint->tables as $table) {
            $existing = $now->tables[$table->storedAs()] ?? null;
            if ($existing === null) {
                $tables[] = Step::create($table);
            }
            foreach ($table->fields as $field) {
                $was = $existing[$field->column()] ?? null;
                $to = $field->linksToMany() === '' || $field->name === '' ? null : $blueprint->tableOfOne($field->linksToMany());
                if ($to !== null && ($now->joins[self::join($table, $field)] ?? null) !== $to->storedAs()) {
                    $joins[] = Step::join($table, $field, $to, $was ?? '');
                }
                if (! $field->hasColumn()) {
                    continue;
                }
                $declaration = self::declaration($field, $blueprint);
                if ($was === null) {
                    $columns[] = Step::add($table, $field, $declaration);
                } elseif ($was !== $declaration && ! str_starts_with($declaration, "$was as ")) {
                    $columns[] = Step::convert($table, $field, $declaration, $was);
                }
            }
        }

        return [...$tables, ...$columns, ...$joins, ...array_map(fn (array $index): Step => Step::index(...$index), Indexes::of($blueprint, $choose))];
    }

    /** "TEXT as date", or "INTEGER REFERENCES spots as link": the SQL type, and what the values are. */
    public static function declaration(Field $field, Blueprint $blueprint): string
    {
        $linked = $field->linksTo() === '' ? null : $blueprint->tableOfOne($field->linksTo());

        return $field->type->column().($linked === null ? '' : ' REFERENCES '.$linked->storedAs()).' as '.FieldTypes::tag($field->type);
    }

    /** The table beside the founder's own that keeps a field's links to many rows. */
    public static function join(Table $table, Field $field): string
    {
        return '_links_'.$table->storedAs().'_'.$field->column();
    }
}
