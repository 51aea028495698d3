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
use Lanai\Core\Values\Day;

/** A day of the calendar. */
final readonly class DateType implements FieldType
{
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a date', 'is date'));
    }

    public function type(): Type
    {
        return Type::of(Kind::Date);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function read(mixed $input): ?Day
    {
        if ($input instanceof Day) {
            return $input;
        }
        $text = self::typed($input);

        return $text === '' ? null : (Day::of(Pattern::match('/^\d{4}-\d\d-\d\d[T ]/', $text) ? substr($text, 0, 10) : $text)
            ?? throw new UnreadableValue("“{$text}” is not a date. Write it as 2026-12-24."));
    }

    public function control(): string
    {
        return 'date';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return Day::of($faker->dateTimeBetween('@1767225600', '@1798761600')->format('Y-m-d'));
    }
}
