<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Measured;
use Lanai\Core\Model\UnreadableValue;

/** A number with decimals, kept as an IEEE 754 double, in a range where one is given. */
final readonly class DecimalType implements FieldType, Measured
{
    use InRange;
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a decimal', 'is decimal'))->clauses(...self::range());
    }

    public function type(): Type
    {
        return Type::of(Kind::Decimal);
    }

    public function column(): string
    {
        return 'REAL';
    }

    public function store(mixed $value): ?float
    {
        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function load(mixed $stored): ?float
    {
        return is_numeric($stored) ? (float) $stored : null;
    }

    public function read(mixed $input): ?float
    {
        $text = self::typed($input);
        if ($text === '') {
            return null;
        }
        if (! is_numeric($text) || ! is_finite((float) $text)) {
            throw new UnreadableValue("“{$text}” is not a number. Use a point for decimals, as in 18.5.");
        }

        return $this->within((float) $text);
    }

    public function write(mixed $value): string
    {
        return is_float($value) ? (string) $value : '';
    }

    public function control(): string
    {
        return 'number';
    }

    public function measures(): array
    {
        return $this->bounds();
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return round($faker->randomFloat(1, $this->least ?? 0, $this->most ?? max(30, $this->least ?? 0)), 1);
    }
}
