<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;

/** Removes every row of a list. */
final readonly class RemoveAll implements MayWait
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
