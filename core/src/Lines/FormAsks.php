<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Access\SignInFirst;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\DateType;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Invalid;
use Lanai\Core\Play\NeedsConfirmation;
use Lanai\Core\Play\Scene;
use Lanai\Core\Text\Names;

/** What the two forms share: the boxes for a table's fields, and the check of what was typed. */
trait FormAsks
{
    private static function stretch(): Clause
    {
        return Clause::of(
            'picking the days from',
            'two days that are picked together',
            new Blank('from', new FieldFit()),
            new Words('to'),
            new Blank('until', new FieldFit()),
        );
    }

    /** Whether two days are picked together: both are asked for, and are days. */
    private function picksDays(Table $table): bool
    {
        $asked = fn (string $name): bool => in_array($name, $this->asking, true) && $table->field($name)?->type instanceof DateType;

        return $this->from !== $this->until && $asked($this->from) && $asked($this->until);
    }

    /** @return array{until?: string, within?: string} */
    private function together(Table $table, string $name): array
    {
        return match (true) {
            ! $this->picksDays($table) => [],
            $name === $this->from => ['until' => Names::inFormula($this->until)],
            $name === $this->until => ['within' => Names::inFormula($this->from)],
            default => [],
        };
    }

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
                    'label' => $scene->blueprint->shown($field->name, $table->name),
                    'control' => $field->type->control(),
                    'required' => $field->required,
                    'hint' => '',
                    'value' => $field->type->write($row === null ? $begun[$field->column()] ?? null : $row->value($field)),
                ] +
                    $scene->choices($field->type, $row?->value($field), name: Names::inFormula($field->name), on: $table->name) +
                    OnMap::forBox($field->type, $scene->blueprint) +
                    FilesTaken::forBox($field->type) +
                    $this->together($table, $name);
            }
        }

        return $boxes;
    }

    private function shown(Field $field, Row $row, Doing $doing): mixed
    {
        $value = $row->value($field);

        return is_int($value) && $field->linksTo() !== '' ? $doing->scene->reader->row($field->linksTo(), $value) : $value;
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
        $meanwhile = [];
        foreach ($this->asking as $name) {
            $field = $table->field($name);
            if ($field === null) {
                continue;
            }
            $key = Names::inFormula($field->name);
            $typed = $doing->scene->inputs[$key] ?? null;
            $was = $doing->scene->visit?->inputs["was.$key"] ?? null;
            if ($before !== null && is_string($was) && ($typed === null || is_string($typed))) {
                $now = $field->type->write($before->value($field));
                // What this person left as it was stays as others have made it since.
                if (($typed ?? '') === $was) {
                    continue;
                }
                if ($now !== $was && $now !== $typed) {
                    $name = $doing->scene->blueprint->shown($field->name, $table->name);
                    $meanwhile[] = $now === ''
                        ? $doing->scene->own('{0} is now empty', $name)
                        : $doing->scene->own('{0} is now “{1}”', $name, $doing->scene->show($this->shown($field, $before, $doing)));
                }
            }
            $given[$field->column()] = $typed;
        }
        $at = "{$doing->scene->at}/meanwhile";
        if ($meanwhile !== [] && ! in_array($at, $doing->confirmed, true)) {
            $question = $doing->scene->own('Somebody else has changed this meanwhile: {0}. Save yours over it?', implode(', ', $meanwhile));
            throw new NeedsConfirmation($question, $at, yes: $doing->scene->own('Save mine'), no: $doing->scene->own('Go on writing'));
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
