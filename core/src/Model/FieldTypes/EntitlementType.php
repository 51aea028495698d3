<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Holdings;

/** Whether a person has something that products give, at the moment that is asked about. */
final class EntitlementType implements Computed
{
    use StoredByKind;

    private string $formula = 'false';

    public static function sentence(): Sentence
    {
        return Sentence::of('is an entitlement');
    }

    public function standIn(Scope $scope): void
    {
        $blueprint = Blueprint::in($scope);
        $own = array_filter($blueprint->peopleTable()->fields ?? [], fn (Field $f): bool => $f->type === $this);
        $products = $own === [] ? [] : $blueprint->giving(array_values($own)[0]->name);
        $this->formula = $products === [] ? 'false' : Holdings::formula($products);
    }

    public function formula(): string
    {
        return $this->formula;
    }

    public function type(): Type
    {
        return Type::of(Kind::YesNo);
    }

    public function column(): string
    {
        return '';
    }

    public function read(mixed $input): mixed
    {
        return null;
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
