<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** Lines that belong together, one under the other. */
final readonly class Group implements Holding
{
    use HoldsLines;

    /** @param  list<Line>  $lines */
    public function __construct(#[ListOf(AnyLine::class)] public array $lines = [], public Placing $placing = new Placing)
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

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return $setting->group($node);
    }
}
