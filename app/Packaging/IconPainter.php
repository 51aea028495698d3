<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Models\App;
use GdImage;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Theme;
use Lanai\Core\Text\Pattern;

/** Paints the app's icon in every size: an uploaded picture, or a letter on the theme's main colour. */
final class IconPainter
{
    /** Pixels to the em at which a letter is drawn once, to be scaled to every size. */
    private const EM = 320;

    private ?GdImage $ink = null;

    public function __construct(private readonly App $app, private readonly Blueprint $blueprint)
    {
    }

    /**
     * @param  float  $share  how much of the side the picture or the letter may take, 0 to 1
     * @param  bool  $ground  whether it stands on its colour; without, it stands on nothing
     * @return string PNG bytes
     */
    public function png(int $side, float $share, bool $ground = true): string
    {
        $image = imagecreatetruecolor($side, $side);
        imagealphablending($image, false);
        // What stands on its colour shows nothing behind it, and stores for iPhones take no icon that could.
        imagesavealpha($image, ! $ground);
        $fill = $ground ? $this->colour($image, $this->groundColour()) : imagecolorallocatealpha($image, 0, 0, 0, 127);
        imagefilledrectangle($image, 0, 0, $side, $side, (int) $fill);
        imagealphablending($image, true);
        $picture = $this->picture();
        if ($picture !== null) {
            $inner = (int) round($side * ($ground && $share > 0.9 ? 1 : $share));
            $at = intdiv($side - $inner, 2);
            imagecopyresampled($image, $picture, $at, $at, 0, 0, $inner, $inner, imagesx($picture), imagesy($picture));
        } else {
            $this->letter($image, $side, $share);
        }
        ob_start();
        imagepng($image, null, 9);

        return (string) ob_get_clean();
    }

    public function groundColour(): string
    {
        return $this->blueprint->release->colour !== '' ? $this->blueprint->release->colour : $this->blueprint->theme->main;
    }

    private function letter(GdImage $image, int $side, float $share): void
    {
        $font = base_path('node_modules/@fontsource-variable/literata/files/literata-latin-wght-normal.woff2');
        $letter = $this->blueprint->release->letter !== '' ? $this->blueprint->release->letter : mb_substr($this->blueprint->name, 0, 1);
        $drawn = $this->ink ??= $this->ink($letter, $font);
        $scale = ($side * $share * 0.72) / max(imagesx($drawn), imagesy($drawn));
        [$width, $height] = [max(1, (int) round(imagesx($drawn) * $scale)), max(1, (int) round(imagesy($drawn) * $scale))];
        imagecopyresampled(
            $image,
            $drawn,
            (int) round(($side - $width) / 2),
            (int) round(($side - $height) / 2),
            0,
            0,
            $width,
            $height,
            imagesx($drawn),
            imagesy($drawn),
        );
    }

    /** The letter cut out to its ink: what a font says of its box is only nearly where it draws. */
    private function ink(string $letter, string $font): GdImage
    {
        [$width, $height] = [self::EM * 4, self::EM * 3];
        $canvas = imagecreatetruecolor($width, $height);
        imagealphablending($canvas, false);
        imagesavealpha($canvas, true);
        imagefilledrectangle($canvas, 0, 0, $width, $height, (int) imagecolorallocatealpha($canvas, 0, 0, 0, 127));
        imagealphablending($canvas, true);
        imagettftext($canvas, self::EM * 0.75, 0, intdiv(self::EM, 2), self::EM * 2, $this->colour($canvas, $this->blueprint->theme->onMain), $font, $letter);

        return imagecropauto($canvas, IMG_CROP_SIDES) ?: $canvas;
    }

    private function picture(): ?GdImage
    {
        $name = $this->blueprint->release->icon;
        $file = $this->app->folder('pictures').'/'.$name;
        $image =
            $name !== '' && Pattern::match('/^[0-9a-f]{64}\.(png|jpg|webp)$/', $name) && is_file($file)
                ? imagecreatefromstring((string) file_get_contents($file))
                : false;

        return $image === false ? null : $image;
    }

    private function colour(GdImage $image, string $hex): int
    {
        // A colour that is still to be filled in is the one that everything begins with.
        $hex = Pattern::match('/^#[0-9A-Fa-f]{6}$/D', $hex) ? $hex : (new Theme())->main;
        [$r, $g, $b] = array_map(hexdec(...), str_split(substr($hex, 1), 2));

        return (int) imagecolorallocate($image, (int) $r, (int) $g, (int) $b);
    }
}
