<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** Room on the four sides, in dp. */
final readonly class Edges
{
    public function __construct(public float $top = 0, public float $right = 0, public float $bottom = 0, public float $left = 0)
    {
    }

    public static function all(float $room): self
    {
        return new self($room, $room, $room, $room);
    }

    public static function of(float $block, float $inline): self
    {
        return new self($block, $inline, $block, $inline);
    }

    public function across(): float
    {
        return $this->left + $this->right;
    }

    public function down(): float
    {
        return $this->top + $this->bottom;
    }
}
