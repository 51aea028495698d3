<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Script\Names;

/** Turns what was given for a row into values of its fields, or says what is wrong with each. */
final readonly class RowCheck
{
    /**
     * @param  array<string, mixed>  $values  column => value
     * @param  array<string, string>  $errors  the field's name in formulas => sentence
     */
    private function __construct(public array $values, public array $errors)
    {
    }

    /**
     * @param  array<string, mixed>  $given  column => input
     * @param  bool  $whole  true where the row is new, so that a required field that is not given is missed
     */
    public static function of(Table $table, array $given, RecordStore $store, bool $whole): self
    {
        $values = [];
        $errors = [];
        foreach ($table->fields as $field) {
            if (! $whole && ! array_key_exists($field->column(), $given)) {
                continue;
            }
            try {
                $value = $field->type->read($given[$field->column()] ?? null);
            } catch (UnreadableValue $unreadable) {
                $errors[Names::inFormula($field->name)] = $unreadable->getMessage();

                continue;
            }
            if ($value === null && $field->required) {
                $errors[Names::inFormula($field->name)] = 'Please fill this in.';

                continue;
            }
            $linked = $value !== null && $field->linksTo() !== '' ? $store->tableOfOne($field->linksTo()) : null;
            if ($linked !== null && is_int($value) && $store->byIds($linked, [$value]) === []) {
                $errors[Names::inFormula($field->name)] = "This $linked->singular is no longer there.";

                continue;
            }
            $values[$field->column()] = $value;
        }
        if ($whole && $errors === [] && array_filter($values, fn (mixed $v): bool => $v !== null) === []) {
            $errors[Names::inFormula($table->fields[0]->name ?? 'row')] = 'Please fill in something first.';
        }

        return new self($values, $errors);
    }
}
