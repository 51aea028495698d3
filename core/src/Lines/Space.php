<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\NumberFit;
use Lanai\Core\Script\Sentence;

/** Room between lines. */
final readonly class Space implements Line
{
    use Placed;

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
}
