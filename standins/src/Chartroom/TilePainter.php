<?php

declare(strict_types=1);

namespace Standins\Chartroom;

/** Paints a tile: land and sea by their heights, with bands of depth and lines of height. */
final readonly class TilePainter
{
    private const SIDE = 256;

    /** Heights are worked out this many pixels apart, and smooth between. */
    private const STEP = 4;

    /** From deep to high: [height, red, green, blue]. */
    private const BANDS = [
        [-9.0, 0x9D, 0xC3, 0xD3],
        [-0.34, 0xA9, 0xCC, 0xDA],
        [-0.16, 0xB9, 0xD7, 0xE2],
        [-0.05, 0xCC, 0xE3, 0xEA],
        [0.0, 0xEF, 0xE6, 0xCC],
        [0.035, 0xE3, 0xE8, 0xD3],
        [0.22, 0xD6, 0xE0, 0xC4],
        [0.45, 0xCB, 0xD6, 0xB9],
    ];

    /** Steps between -2 and 2 for which colours are mixed. */
    private const SHADES = 2000;

    public function __construct(private Coast $coast)
    {
    }

    /** @return string a PNG */
    public function paint(int $zoom, int $x, int $y): string
    {
        $count = intdiv(self::SIDE, self::STEP);
        $finest = 360 / 2 ** $zoom / $count * 2;
        $heights = [];
        for ($row = 0; $row <= $count; $row++) {
            $latitude = self::latitude($y + $row / $count, $zoom);
            for ($column = 0; $column <= $count; $column++) {
                $heights[$row][$column] = $this->coast->height(($x + $column / $count) / 2 ** $zoom * 360 - 180, $latitude, $finest);
            }
        }
        // Bands are as sharp as one pixel is wide.
        $colours = self::colours(max(0.004, min(0.03, 0.4 / 2 ** max(0, $zoom - 4))));
        $image = imagecreatetruecolor(self::SIDE, self::SIDE);
        for ($row = 0; $row < self::SIDE; $row++) {
            [$i, $v] = [intdiv($row, self::STEP), ($row % self::STEP + 0.5) / self::STEP];
            [$upper, $lower] = [$heights[$i], $heights[$i + 1]];
            for ($column = 0; $column < self::SIDE; $column++) {
                [$j, $u] = [intdiv($column, self::STEP), ($column % self::STEP + 0.5) / self::STEP];
                $height = ($upper[$j] * (1 - $u) + $upper[$j + 1] * $u) * (1 - $v) + ($lower[$j] * (1 - $u) + $lower[$j + 1] * $u) * $v;
                imagesetpixel($image, $column, $row, $colours[max(0, min(self::SHADES, (int) (($height + 2) / 4 * self::SHADES)))]);
            }
        }
        ob_start();
        imagepng($image, null, 7);

        return (string) ob_get_clean();
    }

    /** The latitude of a line between tiles in degrees, by the inverse of the Mercator projection (EPSG:3857; formula from memory). */
    public static function latitude(float $y, int $zoom): float
    {
        return rad2deg(atan(sinh(M_PI * (1 - 2 * $y / 2 ** $zoom))));
    }

    /**
     * @param  float  $soft  the difference of height within which one band becomes the next
     * @return list<int>
     */
    private static function colours(float $soft): array
    {
        $colours = [];
        for ($shade = 0; $shade <= self::SHADES; $shade++) {
            $height = $shade / self::SHADES * 4 - 2;
            $mixed = array_slice(self::BANDS[0], 1);
            foreach (array_slice(self::BANDS, 1) as [$from, $red, $green, $blue]) {
                $part = max(0, min(1, ($height - $from) / $soft + 0.5));
                foreach ([$red, $green, $blue] as $i => $one) {
                    $mixed[$i] += ($one - $mixed[$i]) * $part;
                }
            }
            // The shore itself.
            $line = max(0, 1 - abs($height) / $soft) * 0.55;
            foreach ([0x4B, 0x6B, 0x6F] as $i => $one) {
                $mixed[$i] += ($one - $mixed[$i]) * $line;
            }
            $colours[] = ((int) $mixed[0] << 16) | ((int) $mixed[1] << 8) | (int) $mixed[2];
        }

        return $colours;
    }
}
