<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\Holding;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Sentence;

/** Lines that belong together, one under the other. */
final readonly class Group implements Holding
{
    use HoldsLines;

    /** @param  list<Line>  $lines */
    public function __construct(#[ListOf(Line::class)] public array $lines = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Group')->clauses(...Placing::clauses())->below(self::linesInside());
    }

    public function draw(Scene $scene): array
    {
        return ['nodes' => array_merge(...array_values(Drawing::inside($this, $scene)))];
    }
}
