<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Fit;
use Lanai\Core\Values\Currency;

/** A currency by its code of ISO 4217. */
final readonly class CurrencyFit implements Fit
{
    use HasCode;

    private const CALLED = 'a currency such as EUR';

    private static function all(): array
    {
        return Currency::all();
    }

    private static function letters(): int
    {
        return 3;
    }

    public function inWords(Scope $scope): string
    {
        return self::CALLED;
    }
}
