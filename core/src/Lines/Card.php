<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Holding;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Tappable;
use Lanai\Core\Script\Sentence;

/** Lines on a surface of their own; the whole of it may be tapped. */
final readonly class Card implements Holding, Tappable
{
    use HoldsLines, MayBeTapped {
        MayBeTapped::placing insteadof HoldsLines;
    }

    /**
     * @param  list<Line>  $lines
     * @param  list<Effect>  $tapped
     */
    public function __construct(#[ListOf(Line::class)] public array $lines = [], public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Card')->clauses(...Placing::acting())->below(self::linesInside(), self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['nodes' => array_merge(...array_values(Drawing::inside($this, $scene)))] + $this->taps();
    }
}
