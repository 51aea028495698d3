<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** A device that an app may meet: its size, the room its system keeps for itself, and how large its owner wants text. */
final readonly class Device
{
    /**
     * @param  float  $width  in dp
     * @param  float  $height  in dp
     * @param  float  $top  the room that the system keeps at the top, in dp
     * @param  float  $bottom  and at the bottom
     * @param  float  $text  1 for 100 %
     */
    public function __construct(
        public string $name,
        public float $width,
        public float $height,
        public float $top = 0,
        public float $bottom = 0,
        public float $text = 1,
    ) {
    }

    /** @return list<self> sizes that are widely used (common practice, no source), each upright and some on their side */
    public static function all(): array
    {
        return [
            new self('a small phone', 320, 568, 20),
            new self('a narrow phone', 360, 640, 24),
            new self('a short phone', 375, 667, 20),
            new self('a phone', 390, 844, 47, 34),
            new self('a tall phone', 412, 915, 24),
            new self('a large phone', 430, 932, 59, 34),
            new self('a small phone on its side', 568, 320),
            new self('a phone on its side', 844, 390, 0, 21),
            new self('a foldable, closed', 344, 882, 24),
            new self('a foldable, open', 673, 841, 24),
            new self('a small tablet', 600, 960, 24),
            new self('a tablet', 820, 1180, 24, 20),
            new self('a large tablet', 1024, 1366, 24, 20),
            new self('a tablet on its side', 1280, 800, 24),
        ];
    }

    /** @return list<self> all of them with text as it is and at twice its size */
    public static function every(): array
    {
        return array_merge(...array_map(fn (self $d): array => [$d, $d->reading(2)], self::all()));
    }

    /** The one that is most like a window of this size: of the same form, and with the nearest measures. */
    public static function like(float $width, float $height): self
    {
        $window = new self('', $width, $height);
        $all = array_values(array_filter(self::all(), fn (self $d): bool => $d->isTablet() === $window->isTablet()));
        $far = fn (self $d): float => abs($d->width - $width) + abs($d->height - $height) / 2;
        usort($all, fn (self $a, self $b): int => $far($a) <=> $far($b));

        return $all[0];
    }

    public function reading(float $text): self
    {
        return new self($this->name, $this->width, $this->height, $this->top, $this->bottom, $text);
    }

    /** A tablet begins at 600 dp on its shorter side (common practice, no source). */
    public function isTablet(): bool
    {
        return min($this->width, $this->height) >= 600;
    }

    public function form(): string
    {
        return $this->isTablet() ? 'tablet' : 'phone';
    }

    public function inWords(): string
    {
        return $this->name.($this->text === 1.0 ? '' : ' with text at '.round($this->text * 100).' %');
    }
}
