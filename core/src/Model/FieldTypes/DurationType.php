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
use Lanai\Core\Values\Duration;

/** A length of time, kept in seconds. */
final readonly class DurationType implements FieldType
{
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a duration', 'is duration'));
    }

    public function type(): Type
    {
        return Type::of(Kind::Duration);
    }

    public function column(): string
    {
        return 'INTEGER';
    }

    public function read(mixed $input): ?Duration
    {
        if ($input instanceof Duration) {
            return $input;
        }
        $text = self::typed($input);

        return $text === '' ? null : (Duration::of($text) ?? throw new UnreadableValue("“{$text}” is not a duration. Write it as 1:30 or 1 h 30 min."));
    }

    public function control(): string
    {
        return 'duration';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return new Duration(900 * $faker->numberBetween(1, 12));
    }
}
