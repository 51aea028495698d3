<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Patient;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Sentence;

/** Removes every row of a list. */
final readonly class RemoveAll implements Patient
{
    /** @param  string  $rows  a formula that gives a list of rows */
    public function __construct(public string $rows)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('remove all of', new Blank('rows', FormulaFit::giving(Kind::Several)));
    }

    public function run(Doing $doing): void
    {
        foreach ($doing->many($this->rows) as $row) {
            $doing->remove($row);
        }
    }
}
