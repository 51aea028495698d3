<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

use App\Packaging\IconPainter;

/** The app's icon in each size that iPhones and tablets of their kind ask for, without transparency; sizes from memory. */
final class Icons
{
    /** Where it is shown, its side in points, and for how many pixels to a point. */
    private const SIZES = [
        ['iphone', '20', 2], ['iphone', '20', 3], ['iphone', '29', 2], ['iphone', '29', 3], ['iphone', '40', 2], ['iphone', '40', 3],
        ['iphone', '60', 2], ['iphone', '60', 3], ['ipad', '20', 1], ['ipad', '20', 2], ['ipad', '29', 1], ['ipad', '29', 2], ['ipad', '40', 1],
        ['ipad', '40', 2], ['ipad', '76', 2], ['ipad', '83.5', 2], ['ios-marketing', '1024', 1],
    ];

    /** How much of it a letter or a picture takes. */
    private const SHARE = 0.94;

    /** @return array<string, string> file of the set => contents */
    public static function set(IconPainter $painter): array
    {
        $files = $images = [];
        foreach (self::SIZES as [$idiom, $points, $scale]) {
            $side = (int) round((float) $points * $scale);
            $files["icon-$side.png"] ??= $painter->png($side, self::SHARE);
            $images[] = ['size' => "{$points}x$points", 'idiom' => $idiom, 'filename' => "icon-$side.png", 'scale' => "{$scale}x"];
        }

        return $files + ['Contents.json' => Catalog::contents(['images' => $images])];
    }

    /** @return array<string, string> as they lie in a package beside the executable: file => contents */
    public static function loose(IconPainter $painter): array
    {
        return [
            'AppIcon60x60@2x.png' => $painter->png(120, self::SHARE),
            'AppIcon60x60@3x.png' => $painter->png(180, self::SHARE),
            'AppIcon76x76@2x~ipad.png' => $painter->png(152, self::SHARE),
        ];
    }
}
