<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use GdImage;
use Illuminate\Validation\ValidationException;

/** Keeps pictures of an app, drawn anew so that nothing but the picture is in the file, at most 1600 pixels wide. */
final class Pictures
{
    private const PIXELS = 40_000_000;

    /**
     * @return string the picture's name
     *
     * @throws ValidationException where it is not a picture
     */
    public function keep(App $app, string $bytes): string
    {
        // The head of the file tells its size before anything is decoded.
        $size = @getimagesizefromstring($bytes);
        if ($size !== false && $size[0] * $size[1] > self::PIXELS) {
            $most = number_format(self::PIXELS / 1_000_000);
            throw ValidationException::withMessages([
                'picture' => "This picture has $size[0] times $size[1] points, which is too large. Please choose one of at most $most megapixels.",
            ]);
        }
        $source = $size === false ? false : @imagecreatefromstring($bytes);
        if ($size === false || $source === false) {
            throw ValidationException::withMessages(['picture' => 'This file is not a picture that can be read. Please choose a PNG, JPEG or WebP.']);
        }
        $source = self::upright($source, $size[2] === IMAGETYPE_JPEG ? $bytes : '');
        if (imagesx($source) > 1600) {
            $source = imagescale($source, 1600) ?: $source;
        }
        imagesavealpha($source, true);
        ob_start();
        $ending = match ($size[2]) {
            IMAGETYPE_JPEG => 'jpg',
            IMAGETYPE_WEBP => 'webp',
            default => 'png',
        };
        match ($ending) {
            'jpg' => imagejpeg($source, null, 85),
            'webp' => imagewebp($source, null, 85),
            default => imagepng($source),
        };
        $drawn = (string) ob_get_clean();
        $name = hash('sha256', $drawn).'.'.$ending;
        WholeFile::put($app->folder('pictures').'/'.$name, $drawn);

        return $name;
    }

    /** A phone held upright writes its pictures lying, and says so beside them: Exif 2.32, tag 0x0112 “Orientation”, from memory. */
    private static function upright(GdImage $picture, string $jpeg): GdImage
    {
        $told = $jpeg === '' || ! function_exists('exif_read_data') ? [] : @exif_read_data('data://image/jpeg;base64,'.base64_encode($jpeg));
        $orientation = is_array($told) && is_int($told['Orientation'] ?? null) ? $told['Orientation'] : 1;
        $turned = match ($orientation) {
            3, 4 => imagerotate($picture, 180, 0),
            5, 6 => imagerotate($picture, 270, 0),
            7, 8 => imagerotate($picture, 90, 0),
            default => $picture,
        };
        $turned = $turned === false ? $picture : $turned;
        if (in_array($orientation, [2, 4, 5, 7], true)) {
            imageflip($turned, IMG_FLIP_HORIZONTAL);
        }

        return $turned;
    }
}
