<?php

declare(strict_types=1);

namespace Lanai\Core\Data\FieldTypes;

use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** The name of an uploaded picture: 64 hexadecimal digits (its SHA-256) and png, jpg or webp. */
final readonly class PictureType implements FieldType
{
    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('a picture', 'picture'));
    }

    public function type(): Type
    {
        return Type::of(Kind::Picture);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function store(mixed $value): ?string
    {
        return is_string($value) ? $value : null;
    }

    public function load(mixed $stored): ?string
    {
        return is_string($stored) ? $stored : null;
    }

    public function read(mixed $input): ?string
    {
        if (! is_string($input) || trim($input) === '') {
            return null;
        }
        if (! preg_match('/^[0-9a-f]{64}\.(png|jpg|webp)$/', $input)) {
            throw new UnreadableValue('Please upload a PNG, JPEG or WebP picture.');
        }

        return $input;
    }

    public function write(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function control(): string
    {
        return 'picture';
    }
}
