<?php

declare(strict_types=1);

namespace App\Apps;

/** A kept picture in the widths that screens want, made when one is first asked for and kept beside it. */
final class SmallerPictures
{
    /** In pixels; whoever asks for another width gets the picture as it is. */
    public const WIDTHS = [160, 320, 640, 1080];

    private const TINY = 20;

    /** @return string the file of that width, or of the picture itself where it is no wider or cannot be read */
    public static function of(string $file, int $width): string
    {
        if (! in_array($width, self::WIDTHS, true)) {
            return $file;
        }
        $small = self::path($file, $width);
        if (is_file($small)) {
            return $small;
        }
        $size = @getimagesize($file);
        $source = $size === false || $size[0] <= $width ? false : @imagecreatefromstring((string) file_get_contents($file));
        $scaled = $source === false ? false : imagescale($source, $width);
        if ($scaled === false) {
            return $file;
        }
        imagesavealpha($scaled, true);
        ob_start();
        imagewebp($scaled, null, 82);
        is_dir(dirname($small)) || @mkdir(dirname($small), 0700, true);
        WholeFile::put($small, (string) ob_get_clean());

        return $small;
    }

    /**
     * What it looks like from far away, as a WebP picture of few bytes.
     *
     * @param  bool  $make  made where it is not there yet
     * @return string|null null where it is not there, or the picture cannot be read
     */
    public static function tiny(string $file, bool $make): ?string
    {
        $small = self::path($file, self::TINY);
        if (is_file($small)) {
            return (string) file_get_contents($small);
        }
        if (! $make || ! is_file($file)) {
            return null;
        }
        // A smaller one of it is quicker to read.
        $source = @imagecreatefromstring((string) file_get_contents(self::of($file, self::WIDTHS[0])));
        $scaled = $source === false ? false : imagescale($source, self::TINY);
        if ($scaled === false) {
            return null;
        }
        ob_start();
        imagewebp($scaled, null, 20);
        is_dir(dirname($small)) || @mkdir(dirname($small), 0700, true);
        WholeFile::put($small, $bytes = (string) ob_get_clean());

        return $bytes;
    }

    /** What was made of a picture goes with it. */
    public static function forget(string $file): void
    {
        foreach ([self::TINY, ...self::WIDTHS] as $width) {
            $small = self::path($file, $width);
            is_file($small) && unlink($small);
        }
    }

    private static function path(string $file, int $width): string
    {
        return dirname($file)."/small/$width/".basename($file).'.webp';
    }
}
