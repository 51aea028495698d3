<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Text\Pattern;

/** A routine that does itself again, by itself or by others. */
final class RoutineInCircles implements Rule
{
    public function holds(): string
    {
        return 'No routine goes round in a circle.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $does = [];
        $places = [];
        foreach ($reading->placesOf(DoRoutine::class) as $at => $effect) {
            $to = $reading->blueprint->routineIndex(is_string($effect['routine'] ?? null) ? $effect['routine'] : '');
            if ($to !== null && ($effect['after'] ?? '') === '' && Pattern::match('~^/routines/(\d+)/~', $at, $from)) {
                $does[(int) $from[1]][] = $to;
                $places[(int) $from[1]] ??= $at;
            }
        }
        foreach (array_keys($does) as $routine) {
            $open = $does[$routine];
            $seen = [];
            while ($open !== []) {
                $next = array_pop($open);
                if ($next === $routine) {
                    yield Finding::blocking(
                        self::class,
                        $places[$routine],
                        "The routine “{$reading->blueprint->routines[$routine]->name}” does itself again and would never end.",
                    );
                    break;
                }
                if (! isset($seen[$next])) {
                    $seen[$next] = true;
                    array_push($open, ...$does[$next] ?? []);
                }
            }
        }
    }
}
