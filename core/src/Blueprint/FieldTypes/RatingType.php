<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Faker\Generator;
use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\NumberFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;
use Lanai\Core\Text\Pattern;

/** Stars: a whole number from 1. */
final readonly class RatingType implements FieldType
{
    use Kept;

    public function __construct(public ?int $most = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a rating', 'is rating'))->clauses(Clause::joined('up to', 'up to so many', new Blank('most', NumberFit::whole(2, 10))));
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
        $most = $this->most ?? 5;
        if ($text === '') {
            return null;
        }

        return Pattern::match('/^\d{1,2}$/', $text) && (int) $text >= 1 && (int) $text <= $most ? (int) $text : throw new UnreadableValue("A rating goes from 1 to $most.");
    }

    public function control(): string
    {
        return 'rating';
    }

    public function options(): array
    {
        return array_map(strval(...), range(1, $this->most ?? 5));
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $faker->numberBetween(max(1, ($this->most ?? 5) - 3), $this->most ?? 5);
    }
}
