<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;

/** The clause that every line has: ", if FORMULA". */
trait ShownIf
{
    public function condition(): string
    {
        return $this->if;
    }

    private static function shownIf(): Clause
    {
        return Clause::of('if', 'shown only if', new Blank('if', FormulaFit::giving(Kind::YesNo)));
    }
}
