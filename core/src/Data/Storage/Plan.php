<?php

declare(strict_types=1);

namespace Lanai\Core\Data\Storage;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Lines\ListLine;

/**
 * How a data set follows a revision. Names in storage never change, so a rename is no step; what the blueprint leaves out
 * stays in storage, so that an undo brings the values back.
 */
final class Plan
{
    /** @return list<Step> */
    public static function from(Layout $now, Blueprint $blueprint): array
    {
        $steps = [];
        $columns = [];
        foreach ($blueprint->tables as $table) {
            $existing = $now->tables[$table->storedAs()] ?? null;
            if ($existing === null) {
                $steps[] = Step::create($table);
            }
            foreach ($table->fields as $field) {
                if ($field->name === '') {
                    continue;
                }
                $declaration = self::declaration($field, $blueprint);
                $was = $existing[$field->column()] ?? null;
                if ($was === null) {
                    $columns[] = Step::add($table, $field, $declaration);
                } elseif ($was !== $declaration) {
                    $columns[] = Step::convert($table, $field, $declaration, $was);
                }
            }
        }
        $indexes = [];
        foreach ($blueprint->tables as $table) {
            foreach ($table->fields as $field) {
                if ($field->name !== '' && ($field->linksTo() !== '' || self::isSortedOrFiltered($blueprint, $table->name, $field))) {
                    $indexes[] = Step::index($table, $field);
                }
            }
        }

        return [...$steps, ...$columns, ...$indexes];
    }

    /** "TEXT", or "INTEGER REFERENCES spots" for a link. */
    public static function declaration(Field $field, Blueprint $blueprint): string
    {
        $linked = $field->linksTo() === '' ? null : $blueprint->tableOfOne($field->linksTo());

        return $field->type->column().($linked === null ? '' : ' REFERENCES '.$linked->storedAs());
    }

    private static function isSortedOrFiltered(Blueprint $blueprint, string $table, Field $field): bool
    {
        foreach ($blueprint->screens as $screen) {
            foreach ($screen->lines as $line) {
                if (! $line instanceof ListLine || mb_strtolower($line->table) !== mb_strtolower($table)) {
                    continue;
                }
                if (($line->by[0]->field ?? '') === $field->name
                    || preg_match('/(?<![.\w])'.preg_quote(\Lanai\Core\Script\Names::inFormula($field->name), '/').'\s*(==|<|>)/', $line->where)) {
                    return true;
                }
            }
        }

        return false;
    }
}
