<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Faker\Generator;
use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;
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

        return $text === '' ? null : (Pattern::match('/^#[0-9A-F]{6}$/', $text) ? $text : throw new UnreadableValue("“{$text}” is not a colour. Write it as #0B6E5F."));
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
