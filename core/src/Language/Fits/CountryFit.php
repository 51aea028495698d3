<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Fit;
use Lanai\Core\Values\Country;

/** A country by its code of ISO 3166-1. */
final readonly class CountryFit implements Fit
{
    use HasCode;

    private const CALLED = 'a country such as CH';

    private static function all(): array
    {
        return Country::all();
    }

    private static function letters(): int
    {
        return 2;
    }

    public function inWords(Scope $scope): string
    {
        return self::CALLED;
    }
}
