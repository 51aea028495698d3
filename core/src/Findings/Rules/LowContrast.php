<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Contrast;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** Text on a ground of the theme below 4.5:1 (WCAG 2.2, success criterion 1.4.3). */
final class LowContrast implements Rule
{
    private const LEAST = 4.5;

    public function holds(): string
    {
        return 'Text can be read on every ground of the theme (4.5:1).';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $theme = $reading->blueprint->theme;
        $surfaceIsHarder = Contrast::ratio($theme->text, $theme->surface) < Contrast::ratio($theme->text, $theme->background);
        $pairs = [
            ['onMain', $theme->onMain, $theme->main, 'the main colour'],
            ['text', $theme->text, $surfaceIsHarder ? $theme->surface : $theme->background, $surfaceIsHarder ? 'the surfaces' : 'the background'],
        ];
        foreach ($pairs as [$key, $colour, $ground, $where]) {
            $ratio = Contrast::ratio($colour, $ground);
            if ($ratio < self::LEAST) {
                $better = Contrast::reaching(self::LEAST, $colour, $ground);
                yield Finding::warning(self::class, "/theme/$key", sprintf('Text in %s on %s (%s) has a contrast of %.1f:1; 4.5:1 is the least that can be read well.', $colour, $where, $ground, floor($ratio * 10) / 10),
                    Mend::put("Use $better", "/theme/$key", $better));
            }
        }
    }
}
