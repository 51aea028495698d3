<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Language\Children;
use Lanai\Core\Language\Families;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Scene;

/** What lines share that hold others in one place. */
trait HoldsLines
{
    use HasPlacing;

    public function inside(Scene $scene): iterable
    {
        yield ['/lines', $this->lines, $scene];
    }

    public function held(Blueprint $blueprint): array
    {
        return $this->lines;
    }

    private static function linesInside(): Children
    {
        return new Children('lines', Families::of(AnyLine::class), 'a line in it');
    }
}
