<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Faker\Generator;
use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** A number with decimals, kept as an IEEE 754 double, in a range where one is given. */
final readonly class DecimalType implements FieldType
{
    use InRange;
    use Kept;

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

    public function sample(Generator $faker, string $name): mixed
    {
        return round($faker->randomFloat(1, $this->least ?? 0, $this->most ?? max(30, $this->least ?? 0)), 1);
    }
}
