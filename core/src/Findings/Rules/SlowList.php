<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Shape;
use Lanai\Core\Rows\Budget;
use Lanai\Core\Storage\ListPlan;

/** A list whose condition no index can answer: its query reads every row, or the condition is computed outside of the query. */
final class SlowList implements OfOneScreen
{
    /** Below so many rows nobody notices (common practice, no source). */
    private const MANY = 5000;

    public function holds(): string
    {
        return 'Every list finds its rows without reading them all.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(ListLine::class) as $spot) {
            $table = $reading->blueprint->table($spot->text('table'));
            if ($table === null || $spot->text('where') === '') {
                continue;
            }
            try {
                $plan = ListPlan::of(Shape::make(ListLine::class, $spot->data), $table, $reading->blueprint);
            } catch (\UnexpectedValueException) {
                continue;
            }
            $rows = $reading->rows[$table->storedAs()] ?? 0;
            if ($plan->rest) {
                yield Finding::warning(
                    self::class,
                    "$spot->at/where",
                    'A part of this condition cannot be asked of the data and is computed row by row, over at most '.
                        number_format(Budget::ROWS).
                        " $table->name".
                        ($rows > Budget::ROWS ? '; there are '.number_format($rows).', so the screen only says that there are too many.' : '.'),
                );
            } elseif ($plan->scans() && $rows >= self::MANY) {
                yield Finding::warning(
                    self::class,
                    "$spot->at/where",
                    "To find its rows, this list reads all $rows $table->name each time. Compare a field of the table itself with a value, or sort by "
                        .'one, so that an index can help.',
                );
            }
        }
    }
}
