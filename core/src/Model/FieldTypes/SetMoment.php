<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use DateTimeImmutable;
use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;

/** A moment that Lanai sets; nobody is asked for it, but files may bring it. */
trait SetMoment
{
    use StoredByKind;

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
