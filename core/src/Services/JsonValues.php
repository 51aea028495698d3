<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\EmailType;
use Lanai\Core\Model\FieldTypes\TextType;
use Lanai\Core\Model\FieldTypes\WebAddressType;
use Lanai\Core\Model\UnreadableValue;

/** Values of fields as JSON: what other programs read and write, with its schema (JSON Schema 2020-12). */
final class JsonValues
{
    /** @return string|int|float|bool|array<array-key, mixed>|null */
    public static function of(mixed $value): string|int|float|bool|array|null
    {
        return Kinds::holding($value)->json($value);
    }

    /**
     * What a field's own reading takes, from JSON.
     *
     * @throws UnreadableValue where it is JSON of another kind
     */
    public static function read(Field $field, mixed $json): mixed
    {
        $type = $field->valueType();
        $kind = Kinds::of($type->kind);

        return $json === null ? null : ($kind->fromJson($json, $type) ?? throw new UnreadableValue("This must be {$kind->jsonInWords($type)}."));
    }

    /** @return array<string, mixed> */
    public static function schema(Field $field): array
    {
        $type = $field->valueType();
        $kind = $field->type;
        $schema = match (true) {
            $field->type->options() !== [] && $type->kind === Kind::Several => [
                'type' => 'array',
                'items' => ['type' => 'string', 'enum' => $field->type->options()],
            ],
            $field->type->options() !== [] && $type->kind === Kind::Text => ['type' => 'string', 'enum' => $field->type->options()],
            $kind instanceof TextType => ['type' => 'string'] +
                ($kind->least === null ? [] : ['minLength' => $kind->least]) +
                ($kind->most === null ? [] : ['maxLength' => $kind->most]),
            $kind instanceof EmailType => ['type' => 'string', 'format' => 'email'],
            $kind instanceof WebAddressType => ['type' => 'string', 'format' => 'uri'],
            default => Kinds::of($type->kind)->schema($type),
        };
        if (! $field->required && is_string($schema['type'] ?? null)) {
            $schema['type'] = [$schema['type'], 'null'];
            if (is_array($schema['enum'] ?? null)) {
                $schema['enum'] = [...$schema['enum'], null];
            }
        }

        return $schema + ($field->isAsked() ? [] : ['readOnly' => true]);
    }
}
