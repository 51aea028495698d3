<?php

declare(strict_types=1);

namespace Standins\Wordsmith;

use GdImage;

/** Draws a round badge from words: the sky and the sea by their hash, and every thing that it knows by name. */
final class Painter
{
    private const SKIES = [[0x8F, 0xC7, 0xD9], [0xF6, 0xC8, 0x8F], [0xB9, 0xC4, 0xE8], [0xF3, 0xD9, 0xC2], [0x9E, 0xD6, 0xC3], [0x2E, 0x3F, 0x63]];

    private const SEAS = [[0x0B, 0x6E, 0x5F], [0x12, 0x5E, 0x8C], [0x1F, 0x4B, 0x73], [0x2A, 0x7F, 0x8F]];

    /** Word => what is drawn. */
    private const THINGS = [
        'sun' => 'sun',
        'dawn' => 'sun',
        'morning' => 'sun',
        'sunrise' => 'sun',
        'moon' => 'moon',
        'night' => 'moon',
        'star' => 'star',
        'stars' => 'star',
        'bird' => 'bird',
        'lark' => 'bird',
        'gull' => 'bird',
        'boat' => 'boat',
        'sail' => 'boat',
        'fish' => 'fish',
        'heart' => 'heart',
        'love' => 'heart',
        'lighthouse' => 'tower',
        'tower' => 'tower',
        'swimmer' => 'swimmer',
        'swim' => 'swimmer',
        'swimming' => 'swimmer',
        'cloud' => 'cloud',
        'clouds' => 'cloud',
        'rock' => 'rock',
        'rocks' => 'rock',
    ];

    /** @return string a PNG */
    public function paint(string $words, int $side, int $number): string
    {
        $seed = crc32(mb_strtolower($words)."#$number");
        $image = imagecreatetruecolor($side, $side);
        imagesavealpha($image, true);
        imagealphablending($image, false);
        imagefill($image, 0, 0, (int) imagecolorallocatealpha($image, 0, 0, 0, 127));
        imagealphablending($image, true);
        $this->grounds($image, $side, $seed);
        preg_match_all('/[\p{L}]+/u', mb_strtolower($words), $found);
        $things = array_values(array_unique(array_filter(array_map(fn (string $w): ?string => self::THINGS[$w] ?? null, $found[0]))));
        foreach ($things === [] ? ['star'] : array_slice($things, 0, 5) as $i => $thing) {
            $shift = ((($seed >> ($i * 3)) % 7) - 3) / 22;
            $this->thing($image, $thing, $side, $shift + ($i - (count($things) - 1) / 2) * 0.17, 0.75 + (($seed >> ($i + 5)) % 5) / 12);
        }
        $this->ring($image, $side, $seed);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    private function grounds(GdImage $image, int $side, int $seed): void
    {
        $sky = self::SKIES[$seed % count(self::SKIES)];
        $sea = self::SEAS[intdiv($seed, 7) % count(self::SEAS)];
        $radius = $side / 2;
        $shore = $side * (0.5 + ($seed % 9) / 60);
        for ($y = 0; $y < $side; $y++) {
            $half = sqrt(max(0, $radius ** 2 - ($y - $radius) ** 2));
            $share = $y < $shore ? $y / $shore : ($y - $shore) / ($side - $shore);
            $base = $y < $shore ? $sky : $sea;
            $light = $y < $shore ? 0.25 * $share : -0.3 * $share;
            $mix = array_map(fn (int $c): int => (int) max(0, min(255, $c + ($light > 0 ? (255 - $c) * $light : $c * $light))), $base);
            imageline($image, (int) ($radius - $half), $y, (int) ($radius + $half), $y, $this->colour($image, ...$mix));
        }
        imagesetthickness($image, max(1, intdiv($side, 110)));
        for ($wave = 0; $wave < 5; $wave++) {
            $y = $shore + ($side - $shore) * (0.15 + $wave * 0.16);
            $half = sqrt(max(0, $radius ** 2 - ($y - $radius) ** 2)) * 0.9;
            $before = null;
            for ($x = -$half; $x <= $half; $x += $side / 64) {
                $point = [$radius + $x, $y + (sin(($x / $side) * 24 + $wave + ($seed % 6)) * $side) / 70];
                if ($before !== null) {
                    imageline(
                        $image,
                        (int) $before[0],
                        (int) $before[1],
                        (int) $point[0],
                        (int) $point[1],
                        (int) imagecolorallocatealpha($image, 255, 255, 255, 70),
                    );
                }
                $before = $point;
            }
        }
        imagesetthickness($image, 1);
    }

    private function thing(GdImage $image, string $thing, int $side, float $shift, float $scale): void
    {
        $x = $side * (0.5 + $shift);
        $s = $side * 0.2 * $scale;
        $white = $this->colour($image, 255, 255, 255);
        $gold = $this->colour($image, 0xF4, 0xC9, 0x5D);
        $red = $this->colour($image, 0xE0, 0x5A, 0x47);
        $dark = $this->colour($image, 0x13, 0x29, 0x2B);
        $shape = fn (array $points, int $colour, float $y) => imagefilledpolygon(
            $image,
            array_map(intval(...), array_merge(...array_map(fn (array $p): array => [$x + $p[0] * $s, $y + $p[1] * $s], $points))),
            $colour,
        );
        switch ($thing) {
            case 'sun':
                imagefilledellipse($image, (int) $x, (int) ($side * 0.34), (int) ($s * 1.3), (int) ($s * 1.3), $gold);
                for ($ray = 0; $ray < 12; $ray++) {
                    $angle = ($ray * M_PI) / 6;
                    $shape(
                        [
                            [cos($angle) * 0.8 - sin($angle) * 0.06, sin($angle) * 0.8 + cos($angle) * 0.06],
                            [cos($angle) * 0.8 + sin($angle) * 0.06, sin($angle) * 0.8 - cos($angle) * 0.06],
                            [cos($angle) * 1.1, sin($angle) * 1.1],
                        ],
                        $gold,
                        $side * 0.34,
                    );
                }
                break;
            case 'moon':
                imagefilledellipse($image, (int) $x, (int) ($side * 0.3), (int) ($s * 1.2), (int) ($s * 1.2), $white);
                imagefilledellipse(
                    $image,
                    (int) ($x + $s * 0.32),
                    (int) ($side * 0.28),
                    (int) $s,
                    (int) $s,
                    (int) imagecolorat($image, (int) max(0, $x - $s), (int) ($side * 0.3)),
                );
                break;
            case 'star':
                $points = [];
                for ($i = 0; $i < 10; $i++) {
                    $reach = $i % 2 === 0 ? 0.7 : 0.3;
                    $points[] = [sin(($i * M_PI) / 5) * $reach, -cos(($i * M_PI) / 5) * $reach];
                }
                $shape($points, $gold, $side * 0.3);
                break;
            case 'bird':
                $shape([[-1, -0.25], [-0.45, -0.5], [0, 0], [0.45, -0.5], [1, -0.25], [0.45, -0.3], [0, 0.22], [-0.45, -0.3]], $dark, $side * 0.32);
                break;
            case 'boat':
                $shape([[-0.9, 0.1], [0.9, 0.1], [0.55, 0.5], [-0.55, 0.5]], $red, $side * 0.5);
                $shape([[-0.05, 0], [-0.05, -1.2], [0.75, 0]], $white, $side * 0.5);
                $shape([[-0.12, 0], [-0.12, -0.95], [-0.6, 0]], $white, $side * 0.5);
                break;
            case 'fish':
                imagefilledellipse($image, (int) $x, (int) ($side * 0.74), (int) ($s * 1.3), (int) ($s * 0.6), $gold);
                $shape([[-0.55, 0], [-1, -0.35], [-1, 0.35]], $gold, $side * 0.74);
                imagefilledellipse($image, (int) ($x + $s * 0.4), (int) ($side * 0.73), (int) ($s * 0.1), (int) ($s * 0.1), $dark);
                break;
            case 'heart':
                foreach ([-1, 1] as $half) {
                    imagefilledellipse($image, (int) ($x + $half * $s * 0.28), (int) ($side * 0.32), (int) ($s * 0.6), (int) ($s * 0.6), $red);
                }
                $shape([[-0.56, 0.08], [0.56, 0.08], [0, 0.75]], $red, $side * 0.32);
                break;
            case 'tower':
                $shape([[-0.3, 0.4], [-0.2, -1], [0.2, -1], [0.3, 0.4]], $white, $side * 0.5);
                $shape([[-0.26, -0.1], [-0.235, -0.45], [0.235, -0.45], [0.26, -0.1]], $red, $side * 0.5);
                $shape([[-0.25, -1], [0, -1.35], [0.25, -1]], $red, $side * 0.5);
                break;
            case 'swimmer':
                imagefilledellipse($image, (int) ($x + $s * 0.55), (int) ($side * 0.62), (int) ($s * 0.5), (int) ($s * 0.5), $red);
                $shape([[0.4, 0.15], [-0.9, 0.3], [-0.9, 0.45], [0.4, 0.45]], $white, $side * 0.62);
                $shape([[0.1, 0.2], [-0.25, -0.45], [0.1, -0.6], [0.2, -0.5], [-0.02, -0.38], [0.3, 0.18]], $white, $side * 0.62);
                break;
            case 'cloud':
                foreach ([[-0.5, 0, 0.8], [0.1, -0.15, 1.0], [0.6, 0.05, 0.7]] as [$dx, $dy, $size]) {
                    imagefilledellipse($image, (int) ($x + $dx * $s), (int) ($side * 0.26 + $dy * $s), (int) ($size * $s), (int) ($size * $s * 0.65), $white);
                }
                break;
            default:
                $shape([[-0.9, 0.4], [-0.5, -0.3], [0.1, -0.5], [0.6, -0.1], [0.95, 0.4]], $dark, $side * 0.6);
        }
    }

    private function ring(GdImage $image, int $side, int $seed): void
    {
        $colour = $this->colour($image, ...[[0x13, 0x29, 0x2B], [0xF2, 0x74, 0x3A], [0xF4, 0xC9, 0x5D], [0xFF, 0xFF, 0xFF]][intdiv($seed, 11) % 4]);
        for ($i = 0; $i < max(4, intdiv($side, 26)); $i++) {
            imageellipse($image, intdiv($side, 2), intdiv($side, 2), $side - 2 - $i, $side - 2 - $i, $colour);
        }
    }

    private function colour(GdImage $image, int $red, int $green, int $blue): int
    {
        return (int) imagecolorallocate($image, $red, $green, $blue);
    }
}
