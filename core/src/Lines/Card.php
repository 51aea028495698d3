<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;

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
    public function __construct(
        #[ListOf(AnyLine::class)] public array $lines = [],
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Card')->clauses(...Placing::acting())->below(self::linesInside(), self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['nodes' => array_merge(...array_values(Drawing::inside($this, $scene)))] + $this->taps();
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(children: $setting->inside($node, Within::Card), padding: Edges::all(16), gap: 10);
    }
}
