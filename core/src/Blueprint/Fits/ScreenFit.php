<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\Fits;

use Lanai\Core\Blueprint\Parameter;
use Lanai\Core\Blueprint\Screen;
use Lanai\Core\Script\Choice;
use Lanai\Core\Script\Cursor;
use Lanai\Core\Script\Fit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Scope;

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
        return array_map(fn (Screen $s): Choice => new Choice(NameFit::written($s->name),
            $s->about === [] ? '' : 'about one '.implode(' and one ', array_map(fn (Parameter $p): string => $p->one, $s->about))), $scope->blueprint->screens);
    }
}
