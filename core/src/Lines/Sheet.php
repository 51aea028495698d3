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
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Sentence;

/** Lines that stay out of sight until an effect opens them: they slide up over the screen. */
final readonly class Sheet implements Holding
{
    use HoldsLines;

    /** @param  list<Line>  $lines */
    public function __construct(public string $name, #[ListOf(Line::class)] public array $lines = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Sheet', new Blank('name', NameFit::of('the name of the sheet')))->clauses(...Placing::clauses())->below(self::linesInside());
    }

    public function draw(Scene $scene): array
    {
        return ['name' => $this->name, 'nodes' => array_merge(...array_values(Drawing::inside($this, $scene)))];
    }
}
