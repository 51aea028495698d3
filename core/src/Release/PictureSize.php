<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

/** The sizes in which stores want pictures of an app. What stores ask for is from memory; both practice stores look for it. */
enum PictureSize: string
{
    case QuayPhone = 'quay-phone';
    case QuayFoldable = 'quay-foldable';
    case QuaySmallTablet = 'quay-small-tablet';
    case QuayTablet = 'quay-tablet';
    case QuayFeature = 'quay-feature';
    case PierPhone = 'pier-phone';
    case PierTablet = 'pier-tablet';

    /** Of each kind, in each language; from memory. */
    public const FEWEST = 2;

    public const MOST = 8;

    /** @return 'quay'|'pier' */
    public function store(): string
    {
        return str_starts_with($this->value, 'quay') ? 'quay' : 'pier';
    }

    public function name(): string
    {
        return match ($this) {
            self::QuayPhone => 'Android phone',
            self::QuayFoldable => 'Android phone that unfolds',
            self::QuaySmallTablet => 'small Android tablet',
            self::QuayTablet => 'Android tablet',
            self::QuayFeature => 'banner',
            self::PierPhone => 'iPhone',
            self::PierTablet => 'iPad',
        };
    }

    /** @return array{int, int} width and height in pixels */
    public function pixels(): array
    {
        return match ($this) {
            // No side is longer than twice the other.
            self::QuayPhone => [1080, 2160],
            self::QuayFoldable => [1768, 2208],
            self::QuaySmallTablet => [1200, 1920],
            self::QuayTablet => [1600, 2560],
            self::QuayFeature => [1024, 500],
            self::PierPhone => [1290, 2796],
            self::PierTablet => [2048, 2732],
        };
    }

    /** Pixels to a dp. */
    public function scale(): int
    {
        return match ($this) {
            self::QuayPhone, self::PierPhone => 3,
            self::QuayFeature => 1,
            default => 2,
        };
    }

    /** Whether there is one of it in each language, and not one of each screen. */
    public function isBanner(): bool
    {
        return $this === self::QuayFeature;
    }
}
