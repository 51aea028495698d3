<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** Room between lines. */
final readonly class Space implements Line
{
    use HasPlacing;

    /** @param  int  $height  in dp */
    public function __construct(public int $height, public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Space of', new Blank('height', NumberFit::whole(1, 400)))->clauses(...Placing::clauses());
    }

    public function draw(Scene $scene): array
    {
        return ['height' => $this->height];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(height: Size::dp(is_int($node['height'] ?? null) ? $node['height'] : 0));
    }
}
