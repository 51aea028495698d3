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
use Lanai\Core\Text\Pattern;

/** A whole number of at most 15 digits (it stays exact in JSON's double), in a range where one is given. */
final readonly class WholeNumberType implements FieldType, Measured
{
    use InRange;
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a whole number', 'is whole number'))->clauses(...self::range());
    }

    public function type(): Type
    {
        return Type::of(Kind::Whole);
    }

    public function column(): string
    {
        return 'INTEGER';
    }

    public function read(mixed $input): ?int
    {
        $text = self::typed($input);
        if ($text === '') {
            return null;
        }
        if (! Pattern::match('/^[+-]?\d{1,15}(?:\.0+)?$/', $text)) {
            throw new UnreadableValue("“{$text}” is not a whole number.");
        }

        return $this->within((int) $text);
    }

    public function control(): string
    {
        return 'number';
    }

    public function measures(): array
    {
        return ['whole' => true] + $this->bounds();
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $faker->numberBetween($this->least ?? min(1, $this->most ?? 1), $this->most ?? max(40, $this->least ?? 1));
    }
}
