<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Models\App;
use GdImage;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Theme;
use Lanai\Core\Release\IconLetter;
use Lanai\Core\Text\Pattern;

/** Paints the app's icon in every size: an uploaded picture, or a letter on the theme's main colour. */
final class IconPainter
{
    /** The size at which a letter is measured. */
    private const POINTS = 120;

    /** @var array{float, float, float, float}|null */
    private ?array $ink = null;

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
        imagepng($image, null, 6);

        return (string) ob_get_clean();
    }

    public function groundColour(): string
    {
        return $this->blueprint->release->colour !== '' ? $this->blueprint->release->colour : $this->blueprint->theme->main;
    }

    private function letter(GdImage $image, int $side, float $share): void
    {
        // A plain ground says less that is wrong than the sign for a letter that is missing.
        if ($this->drawn() === '') {
            return;
        }
        [$left, $top, $width, $height] = $this->ink ??= $this->ink();
        // Points at which the larger side of its ink has the size that is wanted.
        $points = ($side * $share * 0.72) / max($width, $height);
        imagettftext(
            $image,
            $points,
            0,
            (int) round($side / 2 - ($left + $width / 2) * $points),
            (int) round($side / 2 - ($top + $height / 2) * $points),
            $this->colour($image, $this->blueprint->theme->onMain),
            $this->font(),
            $this->drawn(),
        );
    }

    /** The part of the font in which the letter is; in the font of icons there are Latin, Greek and Cyrillic ones. */
    private function font(): string
    {
        $letter = $this->drawn();
        $part = match (true) {
            Pattern::match('/\p{Greek}/u', $letter) => 'greek',
            Pattern::match('/\p{Cyrillic}/u', $letter) => 'cyrillic',
            Pattern::match('/[^\x{0}-\x{FF}]/u', $letter) => 'latin-ext',
            default => 'latin',
        };

        return base_path("node_modules/@fontsource-variable/literata/files/literata-$part-wght-normal.woff2");
    }

    private function drawn(): string
    {
        $letter = $this->blueprint->release->letter;

        return match (true) {
            $letter === '' => IconLetter::of($this->blueprint->name),
            IconLetter::isDrawn($letter) => $letter,
            default => '',
        };
    }

    /**
     * Where the ink of the letter is, measured on a drawing: what a font says of its box is only nearly where it draws.
     *
     * @return array{float, float, float, float} left and top from where it is written, width and height, in pixels for each point
     */
    private function ink(): array
    {
        [$wide, $high] = [self::POINTS * 4, self::POINTS * 3];
        [$x, $y] = [intdiv(self::POINTS, 2), self::POINTS * 2];
        $canvas = imagecreatetruecolor($wide, $high);
        imagettftext($canvas, self::POINTS, 0, $x, $y, (int) imagecolorallocate($canvas, 255, 255, 255), $this->font(), $this->drawn());
        $columns = $rows = [];
        for ($row = 0; $row < $high; $row++) {
            for ($column = 0; $column < $wide; $column++) {
                if ((imagecolorat($canvas, $column, $row) & 0xFF) > 127) {
                    $columns[$column] = $rows[$row] = true;
                }
            }
        }
        // A sign that the font does not have, or a blank, draws nothing.
        if ($columns === []) {
            return [0.0, 0.0, 1.0, 1.0];
        }
        [$left, $right, $top, $bottom] = [min(array_keys($columns)), max(array_keys($columns)) + 1, min(array_keys($rows)), max(array_keys($rows)) + 1];

        return [($left - $x) / self::POINTS, ($top - $y) / self::POINTS, ($right - $left) / self::POINTS, ($bottom - $top) / self::POINTS];
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
