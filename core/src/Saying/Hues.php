<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

/** Colours by their names and how they are moved, by hue, saturation and lightness (CSS Color Module Level 3, HSL). */
final class Hues
{
    /** Hue in degrees, saturation and lightness from 0 to 1: readable as the colour of buttons. */
    private const NAMES = [
        'red' => [2, 0.72, 0.42], 'orange' => [24, 0.88, 0.40], 'yellow' => [46, 0.92, 0.40], 'gold' => [42, 0.80, 0.38], 'green' => [146, 0.52, 0.31],
        'olive' => [70, 0.55, 0.28], 'lime' => [84, 0.66, 0.33], 'mint' => [160, 0.48, 0.36], 'teal' => [176, 0.72, 0.27], 'turquoise' => [174, 0.66, 0.32],
        'cyan' => [190, 0.82, 0.32], 'blue' => [214, 0.74, 0.42], 'navy' => [220, 0.64, 0.25], 'indigo' => [240, 0.46, 0.42], 'violet' => [268, 0.48, 0.44],
        'purple' => [280, 0.50, 0.38], 'lilac' => [276, 0.38, 0.52], 'magenta' => [312, 0.64, 0.40], 'pink' => [334, 0.68, 0.46], 'rose' => [346, 0.60, 0.46],
        'brown' => [22, 0.46, 0.30], 'beige' => [38, 0.38, 0.40], 'grey' => [210, 0.06, 0.36], 'gray' => [210, 0.06, 0.36], 'black' => [210, 0.10, 0.12],
        'white' => [0, 0.0, 1.0], 'sand' => [38, 0.42, 0.40], 'sea' => [196, 0.66, 0.30], 'sky' => [204, 0.76, 0.42], 'forest' => [140, 0.46, 0.24],
        'wine' => [344, 0.56, 0.30], 'brick' => [10, 0.56, 0.38], 'petrol' => [188, 0.70, 0.23], 'copper' => [20, 0.60, 0.40], 'plum' => [300, 0.36, 0.32],
        'terracotta' => [14, 0.56, 0.42], 'sage' => [110, 0.18, 0.40], 'lavender' => [258, 0.40, 0.54], 'mustard' => [46, 0.76, 0.36],
    ];

    private const MOODS = [
        'calm' => ['s' => 0.62, 'l' => 0.0, 'corner' => 18, 'scale' => 'calm'],
        'lively' => ['s' => 1.45, 'l' => 0.05, 'corner' => 22, 'scale' => 'bold'],
        'serious' => ['s' => 0.55, 'l' => -0.08, 'corner' => 6, 'scale' => 'balanced'],
        'warm' => ['s' => 1.0, 'l' => 0.0, 'corner' => 18, 'scale' => 'balanced', 'hue' => 24],
        'cold' => ['s' => 1.0, 'l' => 0.0, 'corner' => 12, 'scale' => 'balanced', 'hue' => 210],
        'bold' => ['s' => 1.3, 'l' => -0.04, 'corner' => 8, 'scale' => 'bold'],
        'soft' => ['s' => 0.75, 'l' => 0.06, 'corner' => 26, 'scale' => 'calm'],
    ];

    private const ALIKE = ['calmer' => 'calm', 'quiet' => 'calm', 'quieter' => 'calm', 'livelier' => 'lively', 'playful' => 'lively', 'cheerful' => 'lively',
        'fresh' => 'lively', 'fresher' => 'lively', 'elegant' => 'serious', 'warmer' => 'warm', 'cooler' => 'cold', 'bolder' => 'bold', 'softer' => 'soft',
        'friendly' => 'soft', 'friendlier' => 'soft'];

    /** @return string|null #RRGGBB; null for a word that names none */
    public static function named(string $word, bool $isGround = false): ?string
    {
        $known = self::NAMES[mb_strtolower($word)] ?? null;

        return match (true) {
            $known === null => null,
            $isGround && $word === 'black' => '#101418',
            $isGround => self::hex($known[0], min($known[1], 0.45), 0.965),
            $known[2] === 1.0 => '#FFFFFF',
            default => self::hex(...$known),
        };
    }

    /** A colour that is to be darker, lighter, paler, stronger, warmer … */
    public static function moved(string $colour, string $how): ?string
    {
        [$h, $s, $l] = self::parts($colour);
        $much = match (true) {
            str_contains($how, 'bit') || str_contains($how, 'little') || str_contains($how, 'slightly') => 0.5,
            str_contains($how, 'much') || str_contains($how, 'very') => 1.6,
            default => 1.0,
        };
        $word = array_slice(explode(' ', trim($how)), -1)[0];

        return match ($word) {
            '' => $colour,
            'darker', 'dark', 'deeper', 'deep' => self::hex($h, $s, max(0.08, $l * (1 - 0.28 * $much))),
            'lighter', 'light', 'brighter', 'bright' => self::hex($h, $s, min(0.85, $l + (1 - $l) * 0.18 * $much)),
            'paler', 'pale', 'softer' => self::hex($h, $s * (1 - 0.4 * $much), $l),
            'stronger' => self::hex($h, min(1.0, $s * (1 + 0.35 * $much)), $l),
            'warmer' => self::hex(self::turned($h, 30, 18 * $much), $s, $l),
            'colder', 'cooler' => self::hex(self::turned($h, 215, 18 * $much), $s, $l),
            default => null,
        };
    }

    /** Whether two colours have one name: their hues are near, and neither is grey. */
    public static function areAlike(string $one, string $other): bool
    {
        [$h, $s] = self::parts($one);
        [$g, $t] = self::parts($other);
        $apart = abs($h - $g);

        return min($apart, 360 - $apart) <= 32 && $s > 0.15 && $t > 0.15;
    }

    /** @return array{main: string, background: string, corner: int, scale: string}|null */
    public static function mood(string $word, string $main): ?array
    {
        $mood = self::MOODS[self::ALIKE[$word] ?? $word] ?? null;
        if ($mood === null) {
            return null;
        }
        [$h, $s, $l] = self::parts($main);
        $h = isset($mood['hue']) ? self::turned($h, $mood['hue'], 60) : $h;

        return [
            'main' => self::hex($h, min(0.95, max(0.12, $s * $mood['s'])), max(0.15, min(0.5, $l + $mood['l']))),
            'background' => self::hex($h, min(0.5, 0.22 * $mood['s']), 0.965),
            'corner' => $mood['corner'],
            'scale' => $mood['scale'],
        ];
    }

    /** A hue nearer to another one, by so many degrees at most. */
    private static function turned(float $hue, float $to, float $most): float
    {
        $way = fmod($to - $hue + 540, 360) - 180;

        return fmod($hue + max(-$most, min($most, $way)) + 360, 360);
    }

    /** @return array{float, float, float} hue in degrees, saturation and lightness from 0 to 1 */
    public static function parts(string $colour): array
    {
        [$r, $g, $b] = array_map(fn (string $two): float => hexdec($two) / 255, str_split(ltrim($colour, '#'), 2) + ['00', '00', '00']);
        [$high, $low] = [max($r, $g, $b), min($r, $g, $b)];
        $span = $high - $low;
        $l = ($high + $low) / 2;
        if ($span < 0.0001) {
            return [0.0, 0.0, $l];
        }
        $h = match (true) {
            $high === $r => fmod(($g - $b) / $span + 6, 6),
            $high === $g => ($b - $r) / $span + 2,
            default => ($r - $g) / $span + 4,
        };

        return [60 * $h, $span / (1 - abs(2 * $l - 1)), $l];
    }

    public static function hex(float $h, float $s, float $l): string
    {
        $a = $s * min($l, 1 - $l);
        $channel = function (int $n) use ($h, $l, $a): int {
            $k = fmod($n + $h / 30, 12);

            return (int) round(255 * ($l - $a * max(-1, min($k - 3, 9 - $k, 1))));
        };

        return sprintf('#%02X%02X%02X', $channel(0), $channel(8), $channel(4));
    }
}
