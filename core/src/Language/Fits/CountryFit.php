<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;
use Lanai\Core\Values\Country;

/** A country by its code of ISO 3166-1. */
final readonly class CountryFit implements Fit
{
    public function kind(): string
    {
        return 'choice';
    }

    public function inWords(Scope $scope): string
    {
        return 'a country such as CH';
    }

    public function print(mixed $value, array $stops): string
    {
        return is_string($value) && $value !== '' ? $value : Cursor::UNFILLED;
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        if ($cursor->words(Cursor::UNFILLED)) {
            return '';
        }
        $from = $cursor->at;
        $found = $cursor->take('/\G\s*([A-Za-z]{2})(?![\p{L}\d])/u', 'a country such as CH');
        if ($found !== null && isset(Country::all()[strtoupper($found[1])])) {
            return strtoupper($found[1]);
        }
        $cursor->at = $from;

        return null;
    }

    public function choices(Scope $scope): array
    {
        return array_map(fn (string $code, string $name): Choice => new Choice($code, $name), array_keys(Country::all()), array_values(Country::all()));
    }
}
