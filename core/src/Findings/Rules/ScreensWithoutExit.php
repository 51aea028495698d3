<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\GoBack;
use Lanai\Core\Effects\StartOver;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Screen;
use Lanai\Core\Text\Pattern;

/** Screens without a title bar that lead only to one another: whoever gets there stays there. */
final class ScreensWithoutExit implements Rule
{
    public function holds(): string
    {
        return 'Every screen can be left.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $screens = $reading->blueprint->screens;
        $ways = [];
        foreach ($reading->ways() as [$from, $to]) {
            $ways[$from][] = $to;
        }
        $left = [];
        foreach (array_keys($reading->placesOf(GoBack::class) + $reading->placesOf(StartOver::class)) as $at) {
            $left[] = Pattern::match('~^/screens/(\d+)/~', $at, $found) ? (int) $found[1] : -1;
        }
        foreach ($screens as $i => $screen) {
            if (! $screen->full || $this->leads($i, $ways, $screens, $left) || ($screen->lines() === [] && count($screens) === 1)) {
                continue;
            }
            $button = ['kind' => 'button', 'label' => 'Go on', 'tapped' => [['kind' => $screen->first ? 'goBack' : 'startOver']]];
            yield Finding::warning(
                self::class,
                "/screens/$i",
                "Nobody can leave the screen “{$screen->name}”: it has no title bar, and its taps lead nowhere else.",
                match (true) {
                    $screen->first => null,
                    $screen->lines() === [] => Mend::put('Add a button that goes to the start', "/screens/$i/lines", [$button]),
                    default => Mend::put('Add a button that goes to the start', "/screens/$i/lines/-", $button),
                },
            );
        }
    }

    /**
     * Whether some way from this screen ends on one with a title bar.
     *
     * @param  array<int, list<int>>  $ways  screen => those that it leads to
     * @param  list<Screen>  $screens
     * @param  list<int>  $left
     */
    private function leads(int $from, array $ways, array $screens, array $left): bool
    {
        $open = [$from];
        $seen = [];
        while ($open !== []) {
            $i = array_pop($open);
            if (isset($seen[$i])) {
                continue;
            }
            $seen[$i] = true;
            if (! $screens[$i]->full || in_array($i, $left, true)) {
                return true;
            }
            array_push($open, ...$ways[$i] ?? []);
        }

        return false;
    }
}
