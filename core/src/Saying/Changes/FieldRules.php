<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\ChoiceType;
use Lanai\Core\Model\Table;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Fields;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “The price of swims is required.” “Make the fee of swims a text.” “Add "shells" to the bottom of spots.” */
final readonly class FieldRules implements Change
{
    private const RULES = [
        '(make) {what} (required|mandatory|compulsory|needed)' => 'required',
        '{what} (is|are|must be|should be) (required|mandatory|compulsory)' => 'required',
        '{what} (must be filled in|must be given|cannot be empty|may not be empty|must not be empty)' => 'required',
        '(make) {what} (optional|not required)' => 'optional',
        '{what} (is|are|should be|can be) (optional|not required|empty)' => 'optional',
        '(make) {what} unique' => 'unique',
        '{what} (is|are|must be|should be) unique' => 'unique',
        '(no two) {table} (have|may have|can have|with) the same {field}' => 'unique',
    ];

    private const TYPES = ['(make|turn) {what} (into|to be) {type}', '{what} (should be|is really|must be) {type}', '(make) {what} {type}',
        '(change) [the type of] {what} (to|into) {type}'];

    private const CHOICES = ['(add) {choices} (to|as a choice of|as choices of|to the choices of) {what}'];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        foreach (self::RULES as $way => $rule) {
            $found = $said->fits($way);
            $named = $found === null ? [] : self::named($found['what'] ?? "$found[field] of $found[table]", $app);
            if ($named !== []) {
                [$table, $field] = $named[0];

                return Understood::proposing(array_map(fn (array $one): ?Proposal => self::ruled($rule, $one[0], $one[1], $app), $named)) ??
                    Understood::answering(
                        "It is so already with $field->name of $table->name.",
                        [['label' => "$field->name of $table->name", 'at' => $app->fieldAt($table, $field)]],
                    );
            }
        }
        $fields = new Fields($app);
        foreach ($said->each(...self::TYPES) as $found) {
            $type = $fields->type($found['type']);
            $named = $type === null ? [] : self::named($found['what'], $app);
            if ($named !== []) {
                return Understood::proposing(array_map(fn (array $one): ?Proposal => Proposal::of(
                    "{$one[1]->name} of {$one[0]->name} $type",
                    $app->blueprint,
                    [new Fill($app->fieldAt($one[0], $one[1]).'/type', (string) $type)],
                ), $named));
            }
        }
        $found = $said->fits(...self::CHOICES);
        $named = $found === null ? [] : array_values(
            array_filter(self::named($found['what'], $app), fn (array $one): bool => $one[1]->type instanceof ChoiceType),
        );
        $choices = $found === null ? [] : $fields->choices($found['choices']);

        return $found === null || $named === [] || $choices === [] ? null : Understood::proposing(array_map(
            function (array $one) use ($choices, $app): ?Proposal {
                $options = $one[1]->type instanceof ChoiceType ? $one[1]->type->options : [];
                $all = array_values(array_unique([...$options, ...$choices]));

                return Proposal::of(
                    "{$one[1]->name} of {$one[0]->name} can also be ".implode(', ', $choices),
                    $app->blueprint,
                    [Amend::items($app->fieldAt($one[0], $one[1]).'/type/options', $all)],
                );
            },
            $named,
        ));
    }

    private static function ruled(string $rule, Table $table, Field $field, Known $app): ?Proposal
    {
        $at = $app->fieldAt($table, $field);
        $label = match ($rule) {
            'required' => "$field->name of $table->name must be filled in",
            'optional' => "$field->name of $table->name may be empty",
            default => "No two $table->name have the same $field->name",
        };
        $edit = match ($rule) {
            'required' => Amend::put("$at/required", true),
            'unique' => Amend::put("$at/unique", true),
            default => $field->required ? Amend::leave("$at/required") : null,
        };

        return $edit instanceof Edit ? Proposal::of($label, $app->blueprint, [$edit]) : null;
    }

    /** @return list<array{Table, Field}> “the price of swims”, “a swim’s price”, “swim price” or, where one table alone has such, “price” */
    public static function named(string $words, Known $app): array
    {
        $words = trim(Pattern::replace('~^(?:the|an?|every|each)\s+~iu', '', trim($words)));
        $ways = [
            '~^(?<field>.+?)\s+(?:of|for|in|on|from)\s+(?:the\s+|an?\s+|each\s+|every\s+|all\s+)?(?<table>.+)$~iu',
            "~^(?<table>.+?)(?:'s|s')\s+(?<field>.+)$~iu",
        ];
        foreach ($ways as $way) {
            $table = Pattern::match($way, $words, $found) ? $app->table($found['table']) : null;
            $field = $table === null ? null : $app->field($table, $found['field']);
            if ($table !== null && $field !== null) {
                return [[$table, $field]];
            }
        }
        $named = [];
        foreach ($app->blueprint->tables as $table) {
            $field = $app->field($table, $words);
            $named = $field === null ? $named : [...$named, [$table, $field]];
        }
        // The first word may name the table: “spot notes”.
        [$first, $rest] = [...explode(' ', $words, 2), ''];
        $table = $rest === '' ? null : $app->table($first);
        $field = $table === null ? null : $app->field($table, $rest);

        return $table !== null && $field !== null ? [[$table, $field]] : $named;
    }
}
