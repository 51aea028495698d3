<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

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
        $ways = [];
        foreach ($reading->goTos() as $goTo) {
            $from = preg_match('~^/screens/(\d+)/~', $goTo->at, $found) ? (int) $found[1] : -1;
            $to = $blueprint->screenIndex($goTo->text('screen'));
            if ($to !== null) {
                $ways[$from][] = $to;
            }
        }
        $open = array_map(fn ($tab): ?int => $blueprint->screenIndex($tab->screen), $blueprint->tabs);
        $first = $blueprint->firstScreen();
        $open[] = $first === null ? null : $blueprint->screenIndex($first->name);
        $reached = [];
        while ($open !== []) {
            $index = array_pop($open);
            if ($index !== null && ! isset($reached[$index])) {
                $reached[$index] = true;
                array_push($open, ...($ways[$index] ?? []));
            }
        }
        $lost = array_diff(array_keys($blueprint->screens), array_keys($reached));
        $behind = array_unique(array_merge([], ...array_map(fn (int $from): array => array_diff($ways[$from] ?? [], [$from]), $lost)));
        $roots = array_diff($lost, $behind);
        // Screens that are only reached from one that nobody reaches are put right with it; in a ring there is no such one.
        foreach ($blueprint->screens as $i => $screen) {
            if (in_array($i, $roots === [] ? $lost : $roots, true)) {
                $tab = ['screen' => $screen->name, 'label' => $screen->name];
                $mend = $screen->about !== [] ? null : ($blueprint->tabs === []
                    ? Mend::put('Put it in the tabs', '/tabs', [$tab]) : Mend::put('Put it in the tabs', '/tabs/-', $tab));
                yield Finding::warning(self::class, "/screens/$i", "Nobody reaches the screen “{$screen->name}”: no tap and no tab leads to it.", $mend);
            }
        }
    }
}
