<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;

/** A text in quotes, in which formulas can stand in braces unless it is a plain one. */
final readonly class TextFit implements Fit
{
    /** @param  bool  $seen  people who use the app read it */
    public function __construct(public bool $plain = false, public bool $seen = true)
    {
    }

    /** One that is no words for people, such as an address. */
    public static function plain(): self
    {
        return new self(true, false);
    }

    /** Words without formulas. */
    public static function words(): self
    {
        return new self(true);
    }

    /** One with formulas that is no words for people. */
    public static function unseen(): self
    {
        return new self(false, false);
    }

    public function kind(): string
    {
        return $this->plain ? 'plain' : 'text';
    }

    public function inWords(Scope $scope): string
    {
        return 'a text in quotes';
    }

    public function print(mixed $value, array $stops): string
    {
        return Cursor::quote(is_string($value) ? $value : '');
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->words(Cursor::UNFILLED) ? '' : $cursor->quoted();
    }

    public function choices(Scope $scope): array
    {
        return $this->plain ? [] : array_map(fn ($c) => new \Lanai\Core\Language\Choice('{'.$c->text.'}', $c->note),
            array_values(array_filter(FormulaFit::giving(\Lanai\Core\Formula\Kind::Any)->choices($scope), fn ($c): bool => $c->note !== 'a picture')));
    }
}
