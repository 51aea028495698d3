<?php

declare(strict_types=1);

namespace Lanai\Core\Data\FieldTypes;

use DateTimeImmutable;
use Faker\Generator;
use Lanai\Core\Data\FieldType;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Sentence;

/** The moment at which the row was added; set by Lanai. */
final readonly class AddedAtType implements FieldType
{
    use Kept;

    public static function sentence(): Sentence
    {
        return Sentence::of('is when it was added');
    }

    public function type(): Type
    {
        return Type::of(Kind::Moment);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function read(mixed $input): ?DateTimeImmutable
    {
        return (new MomentType)->read($input);
    }

    public function write(mixed $value): string
    {
        return (new MomentType)->write($value);
    }

    public function control(): string
    {
        return '';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return null;
    }
}
