<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\Row;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Patient;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Sentence;

/** Removes a row; links to it become empty. */
final readonly class RemoveRow implements Patient
{
    /** @param  string  $row a formula that gives the row */
    public function __construct(public string $row)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('remove', new Blank('row', FormulaFit::row()));
    }

    public function run(Doing $doing): void
    {
        $row = $this->row === '' ? null : $doing->scene->value($this->row, 'row');
        if (! $row instanceof Row || ! $doing->remove($row)) {
            throw $doing->gone($this->row);
        }
    }
}
