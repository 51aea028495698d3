<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Size;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Makes trees of boxes that both Lanai's engine and other flexbox engines can lay out, from a seed. */
final readonly class BoxMaker
{
    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function tree(int $depth = 0, bool $inWrapping = false): Box
    {
        $leaf = $depth >= 4 || ($depth > 0 && $this->chance(35));
        $flow = $this->one(['column', 'row']);
        $wraps = ! $leaf && $flow === 'row' && $this->chance(25);
        $children = $leaf ? [] : array_map(fn (): Box => $this->tree($depth + 1, $wraps), range(1, $this->random->getInt(1, 4)));
        if (! $leaf && $depth < 3 && $this->chance(15)) {
            $children[] = new Box(
                width: Size::dp($this->dp(60)),
                height: Size::dp($this->dp(40)),
                pins: $this->one([new Edges(4, NAN, NAN, 6), new Edges(NAN, 8, 12, NAN)]),
            );
        }
        // What the engines read differently is left out: bounds against a size of its own, margins and gaps in rows that wrap.
        $fixed = $leaf || ($depth > 0 && $this->chance(30));

        return new Box(
            flow: $flow,
            children: $children,
            width: match (true) {
                $fixed => Size::dp($leaf ? $this->dp(50) : 60 + $this->dp(120)),
                $depth === 1 && $this->chance(25) => Size::percent($this->random->getInt(10, 100)),
                default => null,
            },
            height: $leaf ? Size::dp($this->dp(60)) : null,
            minWidth: $depth > 0 && ! $leaf && $this->chance(15) ? $this->dp(60) : 0,
            minHeight: $depth > 0 && ! $leaf && $this->chance(20) ? $this->dp(80) : 0,
            maxWidth: $depth > 0 && $this->chance(15) ? Size::dp(60 + $this->dp(200)) : null,
            padding: $leaf ? new Edges() : new Edges($this->dp(12), $this->dp(12), $this->dp(12), $this->dp(12)),
            margin: $depth > 0 && ! $inWrapping && $this->chance(25) ? new Edges($this->dp(9), $this->dp(9), $this->dp(9), $this->dp(9)) : new Edges(),
            gap: ! $wraps && $this->chance(50) ? $this->dp(14) : 0,
            grow: $depth > 0 && $this->chance(35) ? $this->random->getInt(1, 3) : 0,
            shrink: $depth > 0 && $this->chance(35) ? $this->random->getInt(1, 3) : 0,
            align: $this->one(['stretch', 'stretch', 'start', 'center', 'end']),
            justify: $this->one(['start', 'start', 'center', 'end', 'between']),
            alignSelf: $depth > 0 && $this->chance(15) ? $this->one(['stretch', 'start', 'center', 'end']) : null,
            wraps: $wraps,
        );
    }

    private function dp(int $most): float
    {
        return (float) $this->random->getInt(1, $most);
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
