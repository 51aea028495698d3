<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;

/** A width or height: dp, percent of what it stands in, or its content. */
final readonly class SizeFit implements Fit
{
    public function kind(): string
    {
        return 'size';
    }

    public function inWords(Scope $scope): string
    {
        return $this->words();
    }

    private function words(): string
    {
        return 'a size such as 120 dp, 50 % or content';
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
        if ($cursor->words('content')) {
            return 'content';
        }
        $from = $cursor->at;
        $found = $cursor->take('/\G\s*(\d{1,4})\s*(dp|%)(?![\w.])/', $this->words());
        if ($found === null || ($found[2] === '%' && ((int) $found[1] < 1 || (int) $found[1] > 100))) {
            $cursor->at = $from;
            $cursor->missed($this->words());

            return null;
        }

        return (int) $found[1].' '.$found[2];
    }

    public function choices(Scope $scope): array
    {
        return array_map(fn (string $size): Choice => new Choice($size), [
            'content',
            '25 %',
            '33 %',
            '50 %',
            '66 %',
            '75 %',
            '100 %',
            '48 dp',
            '96 dp',
            '160 dp',
            '240 dp',
        ]);
    }
}
