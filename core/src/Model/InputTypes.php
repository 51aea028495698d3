<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Prose;
use Lanai\Core\Text\Names;

/** What a screen or a routine asks a person for: its inputs, and the questions of its taps. Formulas read them as input.name. */
final class InputTypes
{
    private const WHO = ['input', 'ask'];

    /**
     * @param  array<array-key, mixed>  $data  of a node
     * @return array<string, Type>
     */
    public static function in(array $data): array
    {
        $asked = [];
        if (in_array($data['kind'] ?? '', self::WHO, true) && is_string($data['name'] ?? null) && $data['name'] !== '') {
            $asked[Names::inFormula($data['name'])] = Shape::make(FieldType::class, Prose::node($data['type'] ?? []))->type();
        }
        foreach ($data as $part) {
            if (is_array($part)) {
                $asked += self::in($part);
            }
        }

        return $asked;
    }
}
