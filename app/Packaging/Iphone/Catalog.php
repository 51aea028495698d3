<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

use App\Packaging\IconPainter;
use Lanai\Core\Model\Theme;

/** The catalog of an iPhone app's pictures and colours: its icon, the ground, and what is seen while it begins. */
final class Catalog
{
    /** Points of the picture in the middle while the app begins. */
    private const MARK = 96;

    /** @return array<string, string> path in the catalog => contents */
    public static function of(Theme $theme, IconPainter $painter): array
    {
        $files = ['Contents.json' => self::contents([])];
        foreach (Icons::set($painter) as $name => $contents) {
            $files["AppIcon.appiconset/$name"] = $contents;
        }
        $dark = $theme->dark ? $theme->inTheDark() : null;
        $grounds = [self::colour($theme->background)];
        if ($dark !== null) {
            $grounds[] = ['appearances' => [['appearance' => 'luminosity', 'value' => 'dark']]] + self::colour($dark['background']);
        }
        $files['Ground.colorset/Contents.json'] = self::contents(['colors' => $grounds]);
        $marks = [];
        foreach ([1, 2, 3] as $scale) {
            $files["Mark.imageset/mark-$scale.png"] = $painter->png(self::MARK * $scale, 0.94);
            $marks[] = ['idiom' => 'universal', 'filename' => "mark-$scale.png", 'scale' => "{$scale}x"];
        }
        $files['Mark.imageset/Contents.json'] = self::contents(['images' => $marks]);

        return $files;
    }

    /** @param  array<string, mixed>  $what */
    public static function contents(array $what): string
    {
        return json_encode($what + ['info' => ['author' => 'xcode', 'version' => 1]], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n";
    }

    /** @return array<string, mixed> */
    private static function colour(string $hex): array
    {
        [$red, $green, $blue] = array_map(fn (string $two): string => '0x'.strtoupper($two), str_split(ltrim($hex, '#'), 2) + ['00', '00', '00']);

        return [
            'idiom' => 'universal',
            'color' => ['color-space' => 'srgb', 'components' => ['red' => $red, 'green' => $green, 'blue' => $blue, 'alpha' => '1.000']],
        ];
    }
}
