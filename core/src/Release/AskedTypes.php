<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Line;

/** What kinds of value an app asks people for: a package needs only those abilities of a phone by which that can be answered. */
final class AskedTypes
{
    /** @return list<class-string> of field types; those of fields that no form asks for are not among them */
    public static function of(Blueprint $blueprint): array
    {
        $asked = [];
        foreach ($blueprint->walk()->nodes as $node) {
            $names = is_array($node->data['asking'] ?? null) ? array_filter($node->data['asking'], is_string(...)) : [];
            foreach ($names as $name) {
                array_push($asked, ...self::ofField($blueprint, $node, $name));
            }
            // An input or a question has a type of its own.
            if ($node->is(FieldType::class) && $node->parent !== null && ($node->parent->is(Line::class) || $node->parent->is(Effect::class))) {
                $asked[] = $node->class;
            }
        }

        return array_values(array_unique($asked));
    }

    /** @return list<class-string> of a field by its name; where a form does not say of which table, of all of them */
    private static function ofField(Blueprint $blueprint, NodeSpot $form, string $name): array
    {
        $tables = array_filter($blueprint->tables, fn (Table $table): bool => $form->text('table') === '' || $table->name === $form->text('table'));
        $fields = array_filter(array_map(fn (Table $table): ?Field => $table->field($name), $tables));

        return array_values(array_map(fn (Field $field): string => $field->type::class, $fields));
    }
}
