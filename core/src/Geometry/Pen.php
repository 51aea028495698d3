<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** Sets text for a device: sizes are in rem, which grows with what its owner wants. */
final readonly class Pen
{
    private const REM = 16;

    public function __construct(public Device $device, public Look $look)
    {
    }

    /** Text so large on a phone that things side by side go one below the other. */
    public function large(): bool
    {
        return ! $this->device->isTablet() && $this->device->text >= 1.5;
    }

    public function rem(float $rem): float
    {
        return $rem * self::REM * $this->device->text;
    }

    /** @param  float  $hang  how much of the first line stands before its edge, as a share of the font size */
    public function text(string $text, float $size = 1, float $line = 1.5, int $weight = 400, float $hang = 0): Paragraph
    {
        return new Paragraph([[$text, $weight]], $this->rem($size), $this->rem($line), hang: $hang * $this->rem($size));
    }

    /** On one line, cut where it does not fit. */
    public function line(string $text, float $size, float $line, int $weight): Paragraph
    {
        return new Paragraph([[$text, $weight]], $this->rem($size), $this->rem($line), false);
    }
}
