<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\People\Role;

/** The role of a person; one of those that the app has. */
final class RoleType implements OnlyInTables, StandsInTable
{
    use KeptAsText;
    use ReadsText;

    /** @var list<string> */
    private array $roles = [];

    public function standIn(Scope $scope): void
    {
        $this->roles = array_map(fn (Role $r): string => $r->name, Blueprint::in($scope)->roles);
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('is their role');
    }

    public function read(mixed $input): ?string
    {
        return (new ChoiceType($this->roles))->read($input);
    }

    public function control(): string
    {
        return 'choice';
    }

    public function options(): array
    {
        return $this->roles;
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $this->roles === [] ? null : $faker->randomElement($this->roles);
    }
}
