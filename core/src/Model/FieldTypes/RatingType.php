<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** Stars: a whole number from 1. */
final readonly class RatingType implements FieldType
{
    use StoredByKind;

    public function __construct(public ?int $most = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a rating', 'is rating'))->clauses(
            Clause::joined('up to', 'up to so many', new Blank('most', NumberFit::whole(2, 10))),
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
        $most = $this->most ?? 5;
        if ($text === '') {
            return null;
        }

        return Pattern::match('/^\d{1,2}$/', $text) && (int) $text >= 1 && (int) $text <= $most
            ? (int) $text
            : throw new UnreadableValue("A rating goes from 1 to $most.");
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
