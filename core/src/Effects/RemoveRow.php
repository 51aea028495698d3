<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;

/** Removes a row; links to it become empty. */
final readonly class RemoveRow implements MayWait
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
