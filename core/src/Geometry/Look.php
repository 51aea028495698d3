<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** What an app's theme says of its sizes. */
final readonly class Look
{
    /**
     * @param  float  $gap  between lines, in dp
     * @param  float  $heading  size of a heading, in rem
     * @param  float  $headingLine  height of its lines, in rem
     */
    private function __construct(public float $gap, public float $heading, public float $headingLine)
    {
    }

    /** @param  array<array-key, mixed>  $theme  as in a view */
    public static function of(array $theme): self
    {
        [$heading, $line] = match ($theme['scale'] ?? '') {
            'calm' => [1.125, 1.5],
            'bold' => [1.5, 1.875],
            default => [1.25, 1.625],
        };

        return new self(match ($theme['density'] ?? '') {
            'airy' => 20, 'compact' => 10, default => 14
        }, $heading, $line);
    }
}
