<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Access\Meeting;
use Lanai\Core\Model\Access\Unless;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Row;
use Lanai\Core\Rows\Budget;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\NoRows;
use Lanai\Core\Rows\Terms;

/** A permission that only PHP can judge, row by row and over a bounded number of rows. */
final class SlowPermission implements Rule
{
    public function holds(): string
    {
        return 'Every permission to see is asked of the data itself.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        $moment = new Moment(new DateTimeImmutable('@0'), new DateTimeZone('UTC'));
        foreach ($reading->blueprint->tables as $i => $table) {
            foreach ($table->access as $j => $permission) {
                $by = $permission->who;
                if (! ($by instanceof Meeting || $by instanceof Unless) || $permission->verb !== Verb::See->value || trim($by->if) === '') {
                    continue;
                }
                try {
                    $people = $reading->blueprint->peopleTable();
                    $me = $people === null ? null : new Row($people, 1, []);
                    $term = Terms::of(Formula::of($by->if), $table, $reading->blueprint, new Evaluation($moment, new NoRows(), ['me' => $me]));
                } catch (FormulaMistake) {
                    continue;
                }
                if ($term === null) {
                    yield Finding::warning(
                        self::class,
                        "/tables/$i/access/$j",
                        "Who may see $table->name by this is worked out row by row, over at most ".
                            number_format(Budget::ROWS).
                            ' of them: with more, a screen can only say that there are too many.',
                    );
                }
            }
        }
    }
}
