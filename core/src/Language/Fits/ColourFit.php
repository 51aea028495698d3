<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;

/** A colour as #RRGGBB. */
final readonly class ColourFit implements Fit
{
    public function kind(): string
    {
        return 'colour';
    }

    public function inWords(Scope $scope): string
    {
        return 'a colour such as #0B6E5F';
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
        $found = $cursor->take('/\G\s*(#[0-9a-fA-F]{6})(?![0-9a-zA-Z])/', 'a colour such as #0B6E5F');

        return $found === null ? null : strtoupper($found[1]);
    }

    public function choices(Scope $scope): array
    {
        return [];
    }
}
