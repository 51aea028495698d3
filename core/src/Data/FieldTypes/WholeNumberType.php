<?php

declare(strict_types=1);

namespace Lanai\Core\Data\FieldTypes;

use Faker\Generator;
use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\NumberFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** A whole number of at most 15 digits (it stays exact in JSON's double), in a range where one is given. */
final readonly class WholeNumberType implements FieldType
{
    use Kept;

    public function __construct(public ?int $least = null, public ?int $most = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a whole number', 'is whole number'))->clauses(
            Clause::joined('from', 'from', new Blank('least', NumberFit::whole())),
            Clause::joined('to', 'to', new Blank('most', NumberFit::whole())),
        );
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
        if (! preg_match('/^[+-]?\d{1,15}(?:\.0+)?$/', $text)) {
            throw new UnreadableValue("“{$text}” is not a whole number.");
        }
        $number = (int) $text;
        if ($this->least !== null && $number < $this->least) {
            throw new UnreadableValue("This must be at least {$this->least}.");
        }
        if ($this->most !== null && $number > $this->most) {
            throw new UnreadableValue("This must be at most {$this->most}.");
        }

        return $number;
    }

    public function write(mixed $value): string
    {
        return is_int($value) ? (string) $value : '';
    }

    public function control(): string
    {
        return 'number';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $faker->numberBetween($this->least ?? min(1, $this->most ?? 1), $this->most ?? max(40, $this->least ?? 1));
    }
}
