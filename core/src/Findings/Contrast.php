<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Text\Pattern;

/** Contrast of two colours by WCAG 2.2 (success criterion 1.4.3; relative luminance and contrast ratio as defined there). */
final class Contrast
{
    /** @return float from 1 to 21 */
    public static function ratio(string $one, string $other): float
    {
        [$a, $b] = [self::luminance($one), self::luminance($other)];

        return (max($a, $b) + 0.05) / (min($a, $b) + 0.05);
    }

    /** The colour nearest to this one, towards black or white, that reaches the ratio on the ground. */
    public static function reaching(float $ratio, string $colour, string $ground): string
    {
        foreach (range(0, 100) as $percent) {
            foreach ([0, 255] as $end) {
                $candidate =
                    '#'.
                    implode('', array_map(fn (int $v): string => sprintf('%02X', (int) round($v + (($end - $v) * $percent) / 100)), self::channels($colour)));
                if (self::ratio($candidate, $ground) >= $ratio) {
                    return $candidate;
                }
            }
        }

        return self::ratio('#000000', $ground) > self::ratio('#FFFFFF', $ground) ? '#000000' : '#FFFFFF';
    }

    private static function luminance(string $colour): float
    {
        [$r, $g, $b] = array_map(function (int $value): float {
            $share = $value / 255;

            return $share <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
        }, self::channels($colour));

        return 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;
    }

    /** @return array{int, int, int} */
    private static function channels(string $colour): array
    {
        $hex = Pattern::match('/^#([0-9a-fA-F]{6})$/', $colour, $found) ? $found[1] : '000000';

        return [(int) hexdec(substr($hex, 0, 2)), (int) hexdec(substr($hex, 2, 2)), (int) hexdec(substr($hex, 4, 2))];
    }
}
