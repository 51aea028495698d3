<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\FieldTypes\EmailType;
use Lanai\Core\Blueprint\FieldTypes\TextType;
use Lanai\Core\Blueprint\FieldTypes\WebAddressType;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Lanai\Core\Values\Place;

/** Values of fields as JSON: what other programs read and write, with its schema (JSON Schema 2020-12). */
final class JsonValues
{
    /** @return string|int|float|bool|array<array-key, mixed>|null */
    public static function of(mixed $value): string|int|float|bool|array|null
    {
        return match (true) {
            $value === null, is_scalar($value) => $value,
            $value instanceof DateTimeImmutable => $value->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z'),
            $value instanceof Money => ['amount' => $value->written(), 'currency' => $value->currency],
            $value instanceof Duration => $value->seconds,
            $value instanceof Place => ['latitude' => $value->latitude, 'longitude' => $value->longitude],
            $value instanceof Row => $value->id,
            is_array($value) => array_map(self::of(...), array_values($value)),
            default => Formats::plain($value),
        };
    }

    /**
     * What a field's own reading takes, from JSON.
     *
     * @throws UnreadableValue where it is JSON of another kind
     */
    public static function read(Field $field, mixed $json): mixed
    {
        $type = $field->valueType();
        $wrong = fn (string $needed): UnreadableValue => new UnreadableValue("This must be $needed.");

        return match (true) {
            $json === null => null,
            $type->kind === Kind::YesNo => is_bool($json) ? ($json ? 'yes' : 'no') : throw $wrong('true or false'),
            $type->kind === Kind::Duration => is_int($json) && $json >= 0 ? "{$json} s" : throw $wrong('a number of whole seconds'),
            $type->kind === Kind::Money => is_array($json) && is_scalar($json['amount'] ?? null) && ($json['currency'] ?? $type->one) === $type->one ? (string) $json['amount'] : throw $wrong("an amount in $type->one"),
            $type->kind === Kind::Place => is_array($json) && is_numeric($json['latitude'] ?? null) && is_numeric($json['longitude'] ?? null) ? "{$json['latitude']}, {$json['longitude']}" : throw $wrong('an object with latitude and longitude'),
            $field->linksToMany() !== '' => is_array($json) && array_filter($json, fn (mixed $v): bool => ! is_int($v)) === [] ? implode(', ', array_map(fn (mixed $v): string => is_int($v) ? (string) $v : '', $json)) : throw $wrong('a list of ids'),
            $type->kind === Kind::Several => is_array($json) && array_filter($json, fn (mixed $v): bool => ! is_string($v)) === [] ? implode('; ', array_filter($json, is_string(...))) : throw $wrong('a list of texts'),
            $type->isNumber(), $type->kind === Kind::Row => is_int($json) || is_float($json) ? (string) $json : throw $wrong('a number'),
            default => is_string($json) ? $json : throw $wrong('a text'),
        };
    }

    /** @return array<string, mixed> */
    public static function schema(Field $field): array
    {
        $type = $field->valueType();
        $kind = $field->type;
        $schema = match (true) {
            $field->linksToMany() !== '' => ['type' => 'array', 'items' => ['type' => 'integer']],
            $field->type->options() !== [] && $type->kind === Kind::Several => ['type' => 'array', 'items' => ['type' => 'string', 'enum' => $field->type->options()]],
            $field->type->options() !== [] && $type->kind === Kind::Text => ['type' => 'string', 'enum' => $field->type->options()],
            $kind instanceof TextType => ['type' => 'string'] + ($kind->least === null ? [] : ['minLength' => $kind->least]) + ($kind->most === null ? [] : ['maxLength' => $kind->most]),
            $kind instanceof EmailType => ['type' => 'string', 'format' => 'email'],
            $kind instanceof WebAddressType => ['type' => 'string', 'format' => 'uri'],
            default => self::ofKind($type->kind, $type->one),
        };
        if (! $field->required && is_string($schema['type'] ?? null)) {
            $schema['type'] = [$schema['type'], 'null'];
            if (is_array($schema['enum'] ?? null)) {
                $schema['enum'] = [...$schema['enum'], null];
            }
        }

        return $schema + ($field->isAsked() ? [] : ['readOnly' => true]);
    }

    /** @return array<string, mixed> */
    private static function ofKind(Kind $kind, string $one): array
    {
        return match ($kind) {
            Kind::Whole => ['type' => 'integer'],
            Kind::Decimal => ['type' => 'number'],
            Kind::YesNo => ['type' => 'boolean'],
            Kind::Moment => ['type' => 'string', 'format' => 'date-time'],
            Kind::Date => ['type' => 'string', 'format' => 'date'],
            Kind::Duration => ['type' => 'integer', 'description' => 'Seconds.'],
            Kind::Money => ['type' => 'object', 'required' => ['amount', 'currency'], 'properties' => ['amount' => ['type' => 'string', 'pattern' => '^-?\d+(\.\d+)?$'], 'currency' => ['const' => $one]]],
            Kind::Place => ['type' => 'object', 'required' => ['latitude', 'longitude'], 'properties' => ['latitude' => ['type' => 'number', 'minimum' => -90, 'maximum' => 90], 'longitude' => ['type' => 'number', 'minimum' => -180, 'maximum' => 180]]],
            Kind::Row => ['type' => 'integer', 'description' => "The id of one $one."],
            Kind::Several => ['type' => 'array'],
            Kind::Text, Kind::Time, Kind::Picture, Kind::File => ['type' => 'string'],
            default => ['description' => $kind->value],
        };
    }
}
