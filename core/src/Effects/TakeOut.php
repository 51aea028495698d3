<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Patient;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Sentence;

/** Takes a row out of a field that holds several. */
final readonly class TakeOut implements Patient
{
    use ChangesLinks;

    public static function sentence(): Sentence
    {
        return Sentence::of('take', new Blank('row', FormulaFit::row()), 'out of', new Blank('list', FormulaFit::giving(Kind::Several)));
    }

    public function run(Doing $doing): void
    {
        $this->changed($doing, fn (array $ids, int $id): array => array_diff($ids, [$id]));
    }
}
