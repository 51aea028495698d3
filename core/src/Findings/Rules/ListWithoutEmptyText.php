<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ListLine;

final class ListWithoutEmptyText implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every list says something when it is empty.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(ListLine::class) as $list) {
            // Of what a service gives the lines around it say what is empty.
            $table = $reading->blueprint->table($list->text('table'));
            if ($list->text('empty') === '' && $list->text('table') !== '' && ! ($table !== null && $reading->blueprint->isServiceTable($table))) {
                $text = 'No '.mb_strtolower($list->text('table')).' yet.';
                yield Finding::warning(
                    self::class,
                    $list->at,
                    "The list of {$list->text('table')} says nothing when it is empty.",
                    Mend::put("Say “{$text}”", "$list->at/empty", $text),
                );
            }
        }
    }
}
