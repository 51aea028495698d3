<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;

/** One of many that a standard gives a code of capital letters. */
trait HasCode
{
    /** @return array<string, string> code => English name */
    abstract private static function all(): array;

    /** How many letters a code has. */
    abstract private static function letters(): int;

    abstract public function inWords(Scope $scope): string;

    public function kind(): string
    {
        return 'choice';
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
        $found = $cursor->take('/\G\s*([A-Za-z]{'.self::letters().'})(?![\p{L}\d])/u', self::CALLED);
        if ($found !== null && isset(self::all()[strtoupper($found[1])])) {
            return strtoupper($found[1]);
        }
        $cursor->at = $from;

        return null;
    }

    public function choices(Scope $scope): array
    {
        return array_map(fn (string $code, string $name): Choice => new Choice($code, $name), array_keys(self::all()), array_values(self::all()));
    }
}
