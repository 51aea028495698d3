<?php

declare(strict_types=1);

namespace Database\Seeders;

/** Paints a quiet sea for a demo spot: sky, sun, water in bands. */
final class SeaPainter
{
    private const WIDTH = 960;

    private const HEIGHT = 600;

    /**
     * @param  string  $name  decides where the sun stands and how the waves run
     * @param  list<array{int, int, int}>  $colours  sky, near water, far water
     * @return string JPEG bytes
     */
    public static function paint(string $name, array $colours): string
    {
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imageantialias($image, true);
        [$sky, $near, $deep] = $colours;
        $seed = crc32($name);
        $horizon = 220 + ($seed % 60);
        for ($y = 0; $y < $horizon; $y++) {
            self::line($image, $y, self::mixed([255, 248, 235], $sky, 1 - $y / $horizon));
        }
        $sunX = 200 + ($seed % 560);
        imagefilledellipse($image, $sunX, $horizon - 34, 120, 120, (int) imagecolorallocatealpha($image, 255, 244, 214, 30));
        for ($y = $horizon; $y < self::HEIGHT; $y++) {
            self::line($image, $y, self::mixed($deep, $near, ($y - $horizon) / (self::HEIGHT - $horizon)));
        }
        for ($wave = 0; $wave < 9; $wave++) {
            $base = $horizon + 14 + $wave * $wave * 4.4;
            $points = [];
            for ($x = 0; $x <= self::WIDTH; $x += 8) {
                $points[] = $x;
                $points[] = (int) ($base + sin($x / (46 + $wave * 16) + $wave * 1.7 + ($seed % 7)) * (2 + $wave * 1.5));
            }
            array_push($points, self::WIDTH, self::HEIGHT, 0, self::HEIGHT);
            [$r, $g, $b] = self::mixed($near, [255, 255, 255], 0.12 + $wave * 0.015);
            imagefilledpolygon($image, $points, (int) imagecolorallocatealpha($image, $r, $g, $b, 108));
        }
        ob_start();
        imagejpeg($image, null, 82);

        return (string) ob_get_clean();
    }

    /** @param  array{int, int, int}  $colour */
    private static function line(\GdImage $image, int $y, array $colour): void
    {
        imageline($image, 0, $y, self::WIDTH, $y, (int) imagecolorallocate($image, ...$colour));
    }

    /**
     * @param  array{int, int, int}  $one
     * @param  array{int, int, int}  $other
     * @return array{int, int, int}
     */
    private static function mixed(array $one, array $other, float $share): array
    {
        return [
            (int) ($one[0] + ($other[0] - $one[0]) * $share),
            (int) ($one[1] + ($other[1] - $one[1]) * $share),
            (int) ($one[2] + ($other[2] - $one[2]) * $share),
        ];
    }
}
