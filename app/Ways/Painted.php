<?php

declare(strict_types=1);

namespace App\Ways;

use App\Models\App;
use App\Packaging\IconPainter;
use GdImage;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Theme;
use Lanai\Core\Text\Pattern;

/** Pictures that lead to an app from elsewhere: a card for a screen or a row where its link is posted, and a badge for letters. */
final readonly class Painted
{
    /** As wide and high as programs show a card, in pixels (https://ogp.me names no size; common practice, no source). */
    public const CARD = [1200, 630];

    /** A badge in the pixels of a phone; it is shown half as large. */
    public const BADGE = [480, 132];

    /** Letters that are drawn: those of Europe. Others are not joined and turned as they must be, and then only pictures are drawn. */
    private const DRAWN = '/^[\x{20}-\x{24F}\x{370}-\x{3FF}\x{400}-\x{52F}\x{1E00}-\x{1EFF}\x{2010}-\x{2044}\x{20AC}]*$/u';

    public function __construct(private App $app, private Blueprint $blueprint)
    {
    }

    /**
     * @param  string  $picture  the bytes of a picture of what it is about; '' for none
     * @return string PNG bytes
     */
    public function card(string $title, string $words, string $picture = ''): string
    {
        [$width, $height] = self::CARD;
        $canvas = $this->canvas($width, $height, $this->blueprint->theme->main);
        $ink = $this->colour($canvas, $this->blueprint->theme->onMain);
        $shown = $picture === '' ? null : $this->read($picture);
        $right = $shown === null ? $width : 660;
        if ($shown !== null) {
            $this->cover($canvas, $shown, $right, 0, $width - $right, $height);
        }
        $this->icon($canvas, 64, 64, 112);
        $this->line($canvas, $this->blueprint->name, 204, 138, 34, $ink, $right - 204 - 48);
        $y = 290;
        foreach ($this->wrapped($title, 60, $right - 128, 3) as $line) {
            $this->line($canvas, $line, 64, $y, 60, $ink, $right - 112);
            $y += 76;
        }
        foreach ($this->wrapped($words, 30, $right - 128, max(0, intdiv($height - $y - 40, 46))) as $line) {
            $this->line($canvas, $line, 64, $y, 30, $ink, $right - 112);
            $y += 46;
        }

        return $this->png($canvas);
    }

    /** @param  string  $words  such as “Get Saltlark” */
    public function badge(string $words): string
    {
        [$width, $height] = self::BADGE;
        $canvas = $this->canvas($width, $height, null);
        $ground = $this->colour($canvas, $this->blueprint->theme->main);
        $round = 32;
        imagefilledrectangle($canvas, $round, 0, $width - $round, $height, $ground);
        imagefilledrectangle($canvas, 0, $round, $width, $height - $round, $ground);
        foreach ([[$round, $round], [$width - $round - 1, $round], [$round, $height - $round - 1], [$width - $round - 1, $height - $round - 1]] as [$x, $y]) {
            imagefilledellipse($canvas, $x, $y, 2 * $round, 2 * $round, $ground);
        }
        $this->icon($canvas, 22, 22, 88);
        $ink = $this->colour($canvas, $this->blueprint->theme->onMain);
        $this->line($canvas, self::isDrawn($words) ? $words : $this->blueprint->name, 132, 80, 36, $ink, $width - 132 - 24);

        return $this->png($canvas);
    }

    public static function isDrawn(string $text): bool
    {
        return Pattern::match(self::DRAWN, $text);
    }

    /**
     * A text in lines that are not wider than they may be; what does not fit ends in “…”.
     *
     * @return list<string> none where it cannot be drawn
     */
    private function wrapped(string $text, int $size, int $width, int $most): array
    {
        if ($most === 0 || ! self::isDrawn($text)) {
            return [];
        }
        $lines = [];
        $line = '';
        $words = array_values(array_filter(explode(' ', $text), fn (string $word): bool => $word !== ''));
        foreach ($words as $i => $word) {
            $next = $line === '' ? $word : "$line $word";
            if ($line !== '' && $this->width($next, $size) > $width) {
                if (count($lines) === $most - 1) {
                    return [...$lines, "$line …"];
                }
                $lines[] = $line;
                $next = $word;
            }
            $line = $next;
        }

        return $line === '' ? $lines : [...$lines, $line];
    }

    /** One line, drawn smaller where it is too wide. */
    private function line(GdImage $canvas, string $text, int $x, int $y, int $size, int $ink, int $width): void
    {
        if (! self::isDrawn($text) || trim($text) === '') {
            return;
        }
        while ($size > 14 && $this->width($text, $size) > $width) {
            $size -= 2;
        }
        while ($text !== '…' && $this->width($text, $size) > $width) {
            $text = mb_substr(rtrim($text, '…'), 0, -1).'…';
        }
        imagettftext($canvas, $size, 0, $x, $y, $ink, self::font($text), $text);
    }

    private function width(string $text, int $size): int
    {
        $box = imagettfbbox($size, 0, self::font($text), $text);

        return $box === false ? 0 : $box[2] - $box[0];
    }

    private static function font(string $text): string
    {
        return Pattern::match('/^[\x{20}-\x{17F}\x{2010}-\x{2026}]*$/u', $text) && ! Pattern::match('/[\x{100}-\x{17F}]/u', $text)
            ? base_path('node_modules/@fontsource-variable/hanken-grotesk/files/hanken-grotesk-latin-wght-normal.woff2')
            : base_path('vendor/dompdf/dompdf/lib/fonts/DejaVuSans.ttf');
    }

    private function icon(GdImage $canvas, int $x, int $y, int $side): void
    {
        $icon = $this->read((new IconPainter($this->app, $this->blueprint))->png($side, 0.96));
        if ($icon !== null) {
            // A thin edge tells an icon from a ground of its own colour.
            imagefilledrectangle($canvas, $x - 3, $y - 3, $x + $side + 2, $y + $side + 2, $this->colour($canvas, $this->blueprint->theme->onMain));
            imagecopy($canvas, $icon, $x, $y, 0, 0, $side, $side);
        }
    }

    /** A picture that fills a part of the canvas, its middle in the middle. */
    private function cover(GdImage $canvas, GdImage $picture, int $x, int $y, int $width, int $height): void
    {
        $scale = max($width / imagesx($picture), $height / imagesy($picture));
        [$w, $h] = [(int) round($width / $scale), (int) round($height / $scale)];
        $left = intdiv(imagesx($picture) - $w, 2);
        imagecopyresampled($canvas, $picture, $x, $y, $left, intdiv(imagesy($picture) - $h, 2), $width, $height, $w, $h);
    }

    private function read(string $bytes): ?GdImage
    {
        $image = @imagecreatefromstring($bytes);

        return $image === false ? null : $image;
    }

    private function canvas(int $width, int $height, ?string $ground): GdImage
    {
        $canvas = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagealphablending($canvas, false);
        imagesavealpha($canvas, true);
        $fill = $ground === null ? (int) imagecolorallocatealpha($canvas, 0, 0, 0, 127) : $this->colour($canvas, $ground);
        imagefilledrectangle($canvas, 0, 0, $width, $height, $fill);
        imagealphablending($canvas, true);

        return $canvas;
    }

    private function colour(GdImage $image, string $hex): int
    {
        $hex = Pattern::match('/^#[0-9A-Fa-f]{6}$/D', $hex) ? $hex : (new Theme())->main;
        [$r, $g, $b] = array_map(fn (string $part): int => (int) hexdec($part), str_split(substr($hex, 1), 2));

        return (int) imagecolorallocate($image, $r, $g, $b);
    }

    private function png(GdImage $canvas): string
    {
        ob_start();
        imagepng($canvas, null, 6);

        return (string) ob_get_clean();
    }
}
