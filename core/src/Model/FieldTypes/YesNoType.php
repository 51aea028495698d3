<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;

/** Yes or no. */
final readonly class YesNoType implements FieldType
{
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of('is yes or no');
    }

    public function type(): Type
    {
        return Type::of(Kind::YesNo);
    }

    public function column(): string
    {
        return 'INTEGER';
    }

    public function read(mixed $input): ?bool
    {
        if (is_bool($input)) {
            return $input;
        }
        $text = strtolower(self::typed($input));

        return match ($text) {
            '' => null,
            'yes', 'true', '1', 'y' => true,
            'no', 'false', '0', 'n' => false,
            default => throw new UnreadableValue("“{$text}” is neither yes nor no."),
        };
    }

    public function control(): string
    {
        return 'switch';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $faker->boolean(70);
    }
}
