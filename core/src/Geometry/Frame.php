<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** Where a box came to stand, in dp from the corner of the whole. */
final class Frame
{
    /** @var list<Frame> */
    public array $children = [];

    /** @param  list<float>  $lines  the widths of a paragraph's lines */
    public function __construct(
        public readonly Box $box,
        public float $width,
        public float $height,
        public float $x = 0,
        public float $y = 0,
        public array $lines = [],
        public bool $broken = false,
    ) {
    }

    public function move(float $x, float $y): void
    {
        $this->x += $x;
        $this->y += $y;
        foreach ($this->children as $child) {
            $child->move($x, $y);
        }
    }

    public function right(): float
    {
        return $this->x + $this->width;
    }

    public function bottom(): float
    {
        return $this->y + $this->height;
    }

    /** @return iterable<Frame> this one and all in it, outer ones first */
    public function all(): iterable
    {
        yield $this;
        foreach ($this->children as $child) {
            yield from $child->all();
        }
    }
}
