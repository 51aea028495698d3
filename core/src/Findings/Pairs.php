<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/** The colours that stand on one another in an app, as the device mixes them. */
final class Pairs
{
    /**
     * @param  array{main: string, onMain: string, background: string, surface: string, text: string}  $colours
     * @return list<array{key: string, colour: string, ground: string, where: string, ratio: float, least: float}> key is the colour of the theme
     *   that the upper one comes from; least as WCAG 2.2 1.4.3 and 1.4.11 ask
     */
    public static function of(array $colours): array
    {
        $soft = fn (string $ground): string => self::mixed($colours['text'], $ground, 0.78);
        $tint = self::mixed($colours['main'], $colours['surface'], 0.12);
        $found = [];
        foreach (
            [
                ['onMain', $colours['onMain'], $colours['main'], 'on the main colour', 4.5],
                ['text', $colours['text'], $colours['background'], 'on the background', 4.5],
                ['text', $colours['text'], $colours['surface'], 'on surfaces', 4.5],
                ['text', $soft($colours['surface']), $colours['surface'], 'in notes on surfaces', 4.5],
                ['text', $soft($colours['background']), $colours['background'], 'in small text on the background', 4.5],
                ['main', self::mixed($colours['main'], $colours['text'], 0.82), $tint, 'on quiet buttons', 4.5],
                ['main', self::mixed($colours['main'], $colours['text'], 0.88), $colours['surface'], 'in the active tab and asides', 4.5],
                ['main', $colours['main'], $colours['background'], 'as a shape on the background', 3.0],
            ] as [$key, $colour, $ground, $where, $least]
        ) {
            $found[] = [
                'key' => $key,
                'colour' => $colour,
                'ground' => $ground,
                'where' => $where,
                'ratio' => Contrast::ratio($colour, $ground),
                'least' => $least,
            ];
        }

        return $found;
    }

    /** So much of one colour in another, as color-mix(in srgb) gives it. */
    public static function mixed(string $one, string $other, float $share): string
    {
        $mixed = '#';
        foreach ([1, 3, 5] as $at) {
            $mixed .= sprintf('%02X', (int) round(hexdec(substr($one, $at, 2)) * $share + hexdec(substr($other, $at, 2)) * (1 - $share)));
        }

        return $mixed;
    }
}
