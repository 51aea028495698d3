<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\Holding;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

/** A part of the page that folds away under its heading. */
final readonly class Fold implements Holding
{
    use HoldsLines;

    /** @param  list<Line>  $lines */
    public function __construct(public string $label, public bool $open = false, #[ListOf(Line::class)] public array $lines = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Fold', new Blank('label', new TextFit))->clauses(Clause::flag('open', 'open at first'), ...Placing::clauses())->below(self::linesInside());
    }

    public function draw(Scene $scene): array
    {
        return ['label' => $scene->text($this->label, 'label'), 'open' => $this->open, 'nodes' => array_merge(...array_values(Drawing::inside($this, $scene)))];
    }
}
