<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** A colour as #RRGGBB. */
final readonly class ColourType implements FieldType
{
    use KeptAsText;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a colour', 'is colour'));
    }

    public function read(mixed $input): ?string
    {
        $text = strtoupper(self::typed($input));

        return match (true) {
            $text === '' => null,
            Pattern::match('/^#[0-9A-F]{6}$/', $text) => $text,
            default => throw new UnreadableValue("“{$text}” is not a colour. Write it as #0B6E5F."),
        };
    }

    public function control(): string
    {
        return 'colour';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return strtoupper($faker->hexColor());
    }
}
