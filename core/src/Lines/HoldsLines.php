<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Children;

/** What lines share that hold others in one place. */
trait HoldsLines
{
    use Placed;

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
        return new Children('lines', Lines::family(), 'a line in it');
    }
}
