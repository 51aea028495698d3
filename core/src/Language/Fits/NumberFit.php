<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;

/** A whole number in a range. */
final readonly class NumberFit implements Fit
{
    private function __construct(public int $least, public int $most)
    {
    }

    public static function whole(int $least = -999999999999, int $most = 999999999999): self
    {
        return new self($least, $most);
    }

    public function kind(): string
    {
        return 'number';
    }

    public function inWords(Scope $scope): string
    {
        return "a whole number from $this->least to $this->most";
    }

    public function print(mixed $value, array $stops): string
    {
        return is_int($value) ? (string) $value : Cursor::UNFILLED;
    }

    public function read(Cursor $cursor, array $stops): int|string|null
    {
        if ($cursor->words(Cursor::UNFILLED)) {
            return '';
        }
        $from = $cursor->at;
        $found = $cursor->take('/\G\s*([+-]?\d{1,15})(?![\w.])/', 'a whole number');
        if ($found === null) {
            return null;
        }
        $number = (int) $found[1];
        if ($number < $this->least || $number > $this->most) {
            $cursor->at = $from;
            $cursor->missed("a whole number from $this->least to $this->most");

            return null;
        }

        return $number;
    }

    public function choices(Scope $scope): array
    {
        return [];
    }
}
