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

/** The name of an uploaded picture: 64 hexadecimal digits (its SHA-256) and png, jpg or webp. */
final readonly class PictureType implements FieldType
{
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a picture', 'is picture'));
    }

    public function type(): Type
    {
        return Type::of(Kind::Picture);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function read(mixed $input): ?string
    {
        if (! is_string($input) || trim($input) === '') {
            return null;
        }

        return Pattern::match('/^[0-9a-f]{64}\.(png|jpg|webp)$/', $input) ? $input : throw new UnreadableValue('Please upload a PNG, JPEG or WebP picture.');
    }

    public function control(): string
    {
        return 'picture';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return null;
    }
}
