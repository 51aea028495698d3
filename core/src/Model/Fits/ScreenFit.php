<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Model\AboutRow;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;

/** A screen by its name. */
final readonly class ScreenFit implements Fit
{
    public function kind(): string
    {
        return 'screen';
    }

    public function inWords(Scope $scope): string
    {
        return 'the name of a screen';
    }

    public function print(mixed $value, array $stops): string
    {
        return NameFit::written($value);
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->name('the name of a screen');
    }

    public function choices(Scope $scope): array
    {
        return array_map(
            fn (Screen $s): Choice => new Choice(
                NameFit::written($s->name),
                $s->about === [] ? '' : 'about one '.implode(' and one ', array_map(fn (AboutRow $p): string => $p->one, $s->about)),
            ),
            Blueprint::in($scope)->screens,
        );
    }

    public function knows(string $value, Scope $scope): bool
    {
        return mb_strtolower(Blueprint::in($scope)->screen($value)->name ?? '') === mb_strtolower($value);
    }
}
