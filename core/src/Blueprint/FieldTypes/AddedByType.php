<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Faker\Generator;
use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;

/** The person who added the row; set by Lanai. */
final class AddedByType implements FieldType, StandsInTable
{
    use Kept;

    /** What one person is called. */
    private string $one = '';

    public function standIn(Scope $scope): void
    {
        $this->one = $scope->blueprint->peopleTable()->singular ?? '';
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('is who added it');
    }

    public function type(): Type
    {
        return Type::row($this->one);
    }

    public function column(): string
    {
        return 'INTEGER';
    }

    public function read(mixed $input): ?int
    {
        return (new LinkType($this->one))->read($input);
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
