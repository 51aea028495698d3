<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;

/** The person who added the row; set by Lanai. */
final class AddedByType implements OnlyInTables, StandsInTable
{
    use StoredByKind;

    /** What one person is called. */
    private string $one = '';

    public function standIn(Scope $scope): void
    {
        $this->one = Blueprint::in($scope)->peopleTable()->singular ?? '';
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
