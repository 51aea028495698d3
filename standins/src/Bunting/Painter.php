<?php

declare(strict_types=1);

namespace Standins\Bunting;

/** Paints the pictures of the advertisers. */
final class Painter
{
    private const HUES = [[122, 74, 42], [42, 74, 122], [31, 111, 120], [138, 106, 31], [122, 31, 58], [58, 58, 122], [63, 106, 74]];

    /** @return string a PNG */
    public static function picture(int $n, int $width, int $height): string
    {
        $picture = imagecreatetruecolor(max(1, min(1200, $width)), max(1, min(1200, $height)));
        $hue = self::HUES[$n % 7];
        for ($y = 0; $y < imagesy($picture); $y++) {
            $light = $y / max(1, imagesy($picture));
            $part = fn (int $value): int => (int) min(255, $value + 70 * $light);
            imageline($picture, 0, $y, imagesx($picture), $y, (int) imagecolorallocate($picture, $part($hue[0]), $part($hue[1]), $part($hue[2])));
        }
        $pale = (int) imagecolorallocatealpha($picture, 255, 255, 255, 90);
        for ($i = 0; $i < 4; $i++) {
            imagefilledellipse($picture, imagesx($picture) - 20 * $i, intdiv(imagesy($picture), 2), imagesy($picture), imagesy($picture), $pale);
        }
        ob_start();
        imagepng($picture);

        return (string) ob_get_clean();
    }
}
