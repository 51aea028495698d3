<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Values\Place;

/** Places on the earth, in degrees of latitude and longitude (WGS 84). */
final readonly class Places extends ValueKind
{
    public function holds(mixed $value): bool
    {
        return $value instanceof Place;
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of(Kind::Place);
    }

    public function plain(mixed $value): string
    {
        return $value instanceof Place ? $value->written() : '';
    }

    public function kept(mixed $value): string
    {
        return $this->plain($value);
    }

    public function value(string|int|float|bool $kept, Type $type): ?Place
    {
        return Place::of((string) $kept);
    }

    public function json(mixed $value): ?array
    {
        return $value instanceof Place ? ['latitude' => $value->latitude, 'longitude' => $value->longitude] : null;
    }

    public function fromJson(mixed $json, Type $type): ?string
    {
        $fits = is_array($json) && is_numeric($json['latitude'] ?? null) && is_numeric($json['longitude'] ?? null);

        return $fits ? "{$json['latitude']}, {$json['longitude']}" : null;
    }

    public function jsonInWords(Type $type): string
    {
        return 'an object with latitude and longitude';
    }

    public function schema(Type $type): array
    {
        return [
            'type' => 'object',
            'required' => ['latitude', 'longitude'],
            'properties' => [
                'latitude' => ['type' => 'number', 'minimum' => -90, 'maximum' => 90],
                'longitude' => ['type' => 'number', 'minimum' => -180, 'maximum' => 180],
            ],
        ];
    }
}
