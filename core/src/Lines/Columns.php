<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** Lines side by side; each may say its width, and those that do not share what is left. */
final readonly class Columns implements Holding
{
    use HoldsLines;

    /**
     * @param  list<Line>  $lines
     * @param  bool  $wraps  what does not fit goes on below
     */
    public function __construct(public bool $wraps = false, #[ListOf(AnyLine::class)] public array $lines = [], public Placing $placing = new Placing)
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

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $wraps = ($node['wraps'] ?? false) === true;
        $children = $setting->inside($node, $wraps ? Within::Wrapping : Within::Columns);

        return $setting->pen->large() ? new Box(children: $children, gap: 12) : new Box(flow: 'row', children: $children, gap: 12, wraps: $wraps);
    }
}
