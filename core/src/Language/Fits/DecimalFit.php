<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;
use Lanai\Core\Text\Pattern;

/** A number with decimals, kept as it is written. */
final readonly class DecimalFit implements Fit
{
    public function kind(): string
    {
        return 'decimal';
    }

    public function inWords(Scope $scope): string
    {
        return 'a number such as 0.15';
    }

    public function print(mixed $value, array $stops): string
    {
        return is_string($value) && Pattern::match('/^\d{1,12}(\.\d{1,9})?$/', $value) ? $value : Cursor::UNFILLED;
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->words(Cursor::UNFILLED) ? '' : ($cursor->take('/\G\s*(\d{1,12}(?:\.\d{1,9})?)(?![\w.])/', 'a number such as 0.15')[1] ?? null);
    }

    public function choices(Scope $scope): array
    {
        return [];
    }
}
