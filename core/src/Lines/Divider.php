<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Sentence;

/** A thin line between what stands above and below. */
final readonly class Divider implements Line
{
    use Placed;

    public function __construct(public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Divider')->clauses(...Placing::clauses());
    }

    public function draw(Scene $scene): array
    {
        return [];
    }
}
