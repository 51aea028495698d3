<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Model\Blueprint;

/** Something that a person has or has not: a field of the people that is an entitlement. */
final readonly class EntitlementFit implements Fit
{
    public function kind(): string
    {
        return 'named';
    }

    public function inWords(Scope $scope): string
    {
        return 'the name of an entitlement';
    }

    public function print(mixed $value, array $stops): string
    {
        return NameFit::written($value);
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->name('the name of an entitlement');
    }

    public function choices(Scope $scope): array
    {
        return array_map(fn (string $name): Choice => new Choice(NameFit::written($name)), Blueprint::in($scope)->entitlements());
    }
}
