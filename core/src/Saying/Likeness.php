<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

/** The look of a picture: the colour that stands out, the ground it lies on, and how heavy its dark parts are. */
final readonly class Likeness
{
    /** Circles of hue in so many parts, and lightness in so many. */
    private const HUES = 24;

    private const LIGHTS = 5;

    /** Of a hundred pixels, so many of a colour make it one of the picture's. */
    private const SHARE = 0.004;

    /** From here on a colour is one, and no grey. */
    private const COLOURED = 0.18;

    /** Of all pixels, as many dark ones look heavy, and as few look calm. */
    private const HEAVY = 0.22;

    private const CALM = 0.06;

    /**
     * @param  string  $main  #RRGGBB
     * @param  string  $ground  #RRGGBB, light enough to read on
     * @param  'calm'|'balanced'|'bold'  $scale  of headings
     */
    private function __construct(public string $main, public string $ground, public string $scale)
    {
    }

    /**
     * @param  list<array{int, int, int}>  $pixels  red, green and blue from 0 to 255, spread over the picture; what is transparent left out
     * @return self|null null where there is nothing to see
     */
    public static function of(array $pixels): ?self
    {
        if ($pixels === []) {
            return null;
        }
        $groups = [];
        $dark = 0;
        foreach ($pixels as [$r, $g, $b]) {
            [$h, $s, $l] = Hues::parts(sprintf('#%02X%02X%02X', $r, $g, $b));
            $dark += (int) ($l < 0.22);
            $isColoured = $s >= self::COLOURED && $l > 0.08 && $l < 0.94;
            $key = ($isColoured ? (int) floor($h / 360 * self::HUES) % self::HUES : -1).' '.min(self::LIGHTS - 1, (int) floor($l * self::LIGHTS));
            $groups[$key] ??= ['n' => 0, 'r' => 0, 'g' => 0, 'b' => 0, 'coloured' => $isColoured];
            $groups[$key] = ['n' => $groups[$key]['n'] + 1, 'r' => $groups[$key]['r'] + $r, 'g' => $groups[$key]['g'] + $g, 'b' => $groups[$key]['b'] + $b,
                'coloured' => $isColoured];
        }
        $all = count($pixels);
        $best = null;
        $most = 0.0;
        foreach ($groups as $group) {
            $colour = self::mean($group);
            [, $s, $l] = Hues::parts($colour);
            // What stands out is strong in colour and neither very light nor very dark; much of it counts for more, but not by its area.
            $weight = sqrt($group['n'] / $all) * $s * (1 - abs(2 * $l - 0.9));
            if ($group['coloured'] && $group['n'] / $all >= self::SHARE && $weight > $most) {
                [$best, $most] = [$colour, $weight];
            }
        }
        usort($groups, fn (array $a, array $b): int => $b['n'] <=> $a['n']);
        $main = $best ?? self::mean($groups[0]);
        [$h, $s] = Hues::parts($main);
        $largest = self::mean($groups[0]);
        [$groundHue, $groundStrength, $light] = Hues::parts($largest);
        // A light ground stays as it is, nearly; of another one only its hue.
        $isLight = $light > 0.86;

        return new self(
            $best === null ? Hues::hex(210, 0.1, 0.22) : $main,
            $isLight ? Hues::hex($groundHue, min($groundStrength, 0.5), max($light, 0.94)) : Hues::hex($h, min($s, 0.4), 0.965),
            match (true) {
                $dark / $all > self::HEAVY => 'bold',
                $dark / $all < self::CALM => 'calm',
                default => 'balanced',
            },
        );
    }

    /** @param  array{n: int, r: int, g: int, b: int, coloured: bool}  $group */
    private static function mean(array $group): string
    {
        return sprintf('#%02X%02X%02X', ...array_map(fn (int $sum): int => (int) round($sum / $group['n']), [$group['r'], $group['g'], $group['b']]));
    }
}
