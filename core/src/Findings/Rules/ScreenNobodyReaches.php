<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Edits\ScreenMap;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

final class ScreenNobodyReaches implements Rule
{
    public function holds(): string
    {
        return 'Every screen can be reached.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        $ways = $reading->ways();
        $lost = array_diff_key($blueprint->screens, ScreenMap::steps($blueprint, $ways));
        // Where it is asked whether adverts may be about somebody the app leads by itself.
        unset($lost[$blueprint->screenIndex($blueprint->adverts->asking ?? '') ?? -1]);
        $roots = $lost;
        foreach ($ways as [$from, $to]) {
            if (isset($lost[$from])) {
                unset($roots[$to]);
            }
        }
        // Screens that are only reached from one that nobody reaches are put right with it; in a ring there is no such one.
        foreach ($roots === [] ? $lost : $roots as $i => $screen) {
            $tab = ['screen' => $screen->name, 'label' => $screen->name];
            $mend = match (true) {
                $screen->about !== [] => null,
                $blueprint->tabs === [] => Mend::put('Put it in the tabs', '/tabs', [$tab]),
                default => Mend::put('Put it in the tabs', '/tabs/-', $tab),
            };
            yield Finding::warning(self::class, "/screens/$i", "Nobody reaches the screen “{$screen->name}”: no tap, no tab and no menu leads to it.", $mend);
        }
    }
}
