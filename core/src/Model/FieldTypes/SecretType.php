<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Language\Sentence;

/** A password while it is typed. It is never kept: no field can have this type. */
final readonly class SecretType implements NeverStored
{
    use KeptAsText;

    public static function sentence(): Sentence
    {
        return Sentence::of('is a password');
    }

    /** Every character counts, spaces too. */
    public function read(mixed $input): ?string
    {
        return is_string($input) && $input !== '' ? $input : null;
    }

    public function control(): string
    {
        return 'password';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return null;
    }
}
