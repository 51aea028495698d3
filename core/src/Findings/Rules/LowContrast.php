<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Pairs;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

final class LowContrast implements Rule
{
    public function holds(): string
    {
        return 'Text can be read on every background of the theme (4.5:1).';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $theme = $reading->blueprint->theme;
        yield from $this->in($theme->byDay(), fn (string $key): string => $key, '');
        yield from $theme->inTheDark() === null ? [] : $this->in($theme->inTheDark(), fn (string $key): string => 'dark'.ucfirst($key), 'In the dark, ');
    }

    /**
     * @param  array{main: string, onMain: string, background: string, surface: string, text: string}  $colours
     * @param  callable(string): string  $named
     * @return iterable<Finding> one for each colour: its hardest pair
     */
    private function in(array $colours, callable $named, string $when): iterable
    {
        $hardest = [];
        foreach (Pairs::of($colours) as $pair) {
            if ($pair['ratio'] < $pair['least'] && $pair['ratio'] / $pair['least'] < ($hardest[$pair['key']]['share'] ?? 1)) {
                $hardest[$pair['key']] = ['share' => $pair['ratio'] / $pair['least'], 'pair' => $pair];
            }
        }
        foreach ($hardest as $key => ['pair' => $pair]) {
            $better = self::better($key, $colours);
            $at = '/theme/'.$named($key);
            $what = $pair['least'] === 4.5 ? 'text' : 'a shape';
            yield Finding::warning(
                self::class,
                $at,
                ucfirst(
                    sprintf(
                        '%s%s in %s %s (%s) has a contrast of %.1f:1; %s:1 is the least that can be read well.',
                        $when,
                        $what,
                        $pair['colour'],
                        $pair['where'],
                        $pair['ground'],
                        floor($pair['ratio'] * 10) / 10,
                        $pair['least'],
                    ),
                ),
                $better === null ? null : Mend::put("Use $better", $at, $better),
            );
        }
    }

    /**
     * The colour nearest to it with which all its pairs can be read; null where there is none.
     *
     * @param  array{main: string, onMain: string, background: string, surface: string, text: string}  $colours
     */
    private static function better(string $key, array $colours): ?string
    {
        foreach (range(1, 50) as $step) {
            foreach (['#000000', '#FFFFFF'] as $end) {
                $candidate = Pairs::mixed($end, $colours[$key] ?? '#000000', $step / 50);
                $bad = array_filter(Pairs::of([$key => $candidate] + $colours), fn (array $p): bool => $p['key'] === $key && $p['ratio'] < $p['least']);
                if ($bad === []) {
                    return $candidate;
                }
            }
        }

        return null;
    }
}
