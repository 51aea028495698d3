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
use Lanai\Core\Text\Pattern;
use Lanai\Core\Values\TimeOfDay;

/** A time on the clock, to the minute. */
final readonly class TimeType implements FieldType
{
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a time of day', 'is time of day', 'is a time'));
    }

    public function type(): Type
    {
        return Type::of(Kind::Time);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function read(mixed $input): ?TimeOfDay
    {
        if ($input instanceof TimeOfDay) {
            return $input;
        }
        $text = self::typed($input);

        return $text === '' ? null : (TimeOfDay::of(Pattern::match('/^\d:/', $text) ? "0$text" : Pattern::replace('/^(\d\d:\d\d):00$/', '$1', $text))
            ?? throw new UnreadableValue("“{$text}” is not a time. Write it as 07:30."));
    }

    public function control(): string
    {
        return 'time';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return TimeOfDay::of(sprintf('%02d:%02d', $faker->numberBetween(6, 20), 15 * $faker->numberBetween(0, 3)));
    }
}
