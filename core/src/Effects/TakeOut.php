<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;

/** Takes a row out of a field that holds several. */
final readonly class TakeOut implements MayWait
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
