<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\Holding;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Sentence;

/** Lines side by side; each may say its width, and those that do not share what is left. */
final readonly class Columns implements Holding
{
    use HoldsLines;

    /**
     * @param  list<Line>  $lines
     * @param  bool  $wraps  what does not fit goes on below
     */
    public function __construct(public bool $wraps = false, #[ListOf(Line::class)] public array $lines = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Columns')->clauses(Clause::flag('wraps', 'wrapping'), ...Placing::clauses())->below(self::linesInside());
    }

    public function draw(Scene $scene): array
    {
        return ['wraps' => $this->wraps, 'nodes' => array_merge(...array_values(Drawing::inside($this, $scene)))];
    }
}
