<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Row;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Invalid;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Names;

/** What the two forms share: the boxes for a table's fields, and the check of what was typed. */
trait FormAsks
{
    /** @return list<array<string, mixed>> */
    private function boxes(Table $table, Scene $scene, ?Row $row): array
    {
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
                    'value' => $row === null ? '' : $field->type->write($row->value($field)),
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
        $check = $doing->check()->of($table, $given, $before);
        if ($check->errors !== []) {
            throw new Invalid($check->errors);
        }

        return $check->values;
    }
}
