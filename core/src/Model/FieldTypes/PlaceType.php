<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Values\Place;

/** A place on earth, kept as latitude and longitude in degrees (WGS 84). */
final readonly class PlaceType implements FieldType
{
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a place', 'is place'));
    }

    public function type(): Type
    {
        return Type::of(Kind::Place);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function read(mixed $input): ?Place
    {
        if ($input instanceof Place) {
            return $input;
        }
        $text = self::typed($input);

        return $text === ''
            ? null
            : Place::of($text) ?? throw new UnreadableValue("“{$text}” is not a place. Write latitude and longitude in degrees, as in 50.1234, -5.5678.");
    }

    public function control(): string
    {
        return 'place';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return Place::of(sprintf('%.4f, %.4f', $faker->randomFloat(4, 50, 58), $faker->randomFloat(4, -6, 1)));
    }
}
