<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Row;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Effects\Assignment;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Invalid;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\SignInFirst;
use Lanai\Core\Script\Names;

/** What the two forms share: the boxes for a table's fields, and the check of what was typed. */
trait FormAsks
{
    /** @return list<array<string, mixed>> */
    private function boxes(Table $table, Scene $scene, ?Row $row): array
    {
        // What a field is at first stands in its box, so that the person sees it and may change it.
        $begun = $row === null ? (new RowCheck($scene->store, $scene->moment, $scene->me()))->begun($table, []) : [];
        $boxes = [];
        foreach ($this->asking as $name) {
            $field = $table->field($name);
            if ($field !== null && $field->isAsked()) {
                $boxes[] = [
                    'name' => Names::inFormula($field->name),
                    'label' => $field->name,
                    'control' => $field->type->control(),
                    'required' => $field->required,
                    'hint' => '',
                    'value' => $field->type->write($row === null ? $begun[$field->column()] ?? null : $row->value($field)),
                ] + $scene->choices($field->type, $row?->value($field));
            }
        }

        return $boxes;
    }

    /**
     * @return array<string, mixed> column => value
     *
     * @throws Invalid with a sentence for each box
     */
    private function typed(Table $table, Doing $doing, ?Row $before): array
    {
        if ($doing->needsSomebody(...array_map(fn (Assignment $a): string => $a->value, $this->with))) {
            throw new SignInFirst('Please sign in first.');
        }
        $given = [];
        foreach ($this->asking as $name) {
            $field = $table->field($name);
            if ($field !== null) {
                $given[$field->column()] = $doing->scene->inputs[Names::inFormula($field->name)] ?? null;
            }
        }
        foreach ($this->with as $assignment) {
            $field = $table->field($assignment->field);
            if ($field !== null) {
                $given[$field->column()] = $doing->scene->value($assignment->value, 'with');
            }
        }
        $shown = array_filter(array_map(fn (string $name): ?string => $table->field($name)?->column(), $this->asking));
        $check = $doing->check()->of($table, $given, $before, array_values($shown));
        if ($check->errors !== []) {
            throw new Invalid($check->errors);
        }

        return $check->values;
    }
}
