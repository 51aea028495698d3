<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Blueprint\Pointer;
use Lanai\Core\Blueprint\Routine;
use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

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
        foreach ($reading->walk->nodesOf(DoRoutine::class) as $spot) {
            $from = $spot->within(Routine::class);
            $to = $reading->blueprint->routineIndex($spot->text('routine'));
            if ($from !== null && $to !== null && $spot->text('after') === '') {
                $does[(int) Pointer::last($from->at)][] = $to;
                $places[(int) Pointer::last($from->at)] ??= $spot->at;
            }
        }
        foreach (array_keys($does) as $routine) {
            $open = $does[$routine];
            $seen = [];
            while ($open !== []) {
                $next = array_pop($open);
                if ($next === $routine) {
                    yield Finding::blocking(self::class, $places[$routine], "The routine “{$reading->blueprint->routines[$routine]->name}” does itself again and would never end.");
                    break;
                }
                if (! isset($seen[$next])) {
                    $seen[$next] = true;
                    array_push($open, ...($does[$next] ?? []));
                }
            }
        }
    }
}
