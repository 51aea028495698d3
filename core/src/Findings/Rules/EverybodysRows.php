<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Blueprint\Screen;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Text\Pattern;

/** Rows that one list shows only to the person they belong to, and another list to everybody. */
final class EverybodysRows implements Rule
{
    public function holds(): string
    {
        return 'Personal rows are shown to their person only.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $lists = $reading->walk->nodesOf(ListLine::class);
        $own = [];
        foreach ($lists as $list) {
            if (Pattern::match('/\b(\w+)\s*==\s*me\b(?!\.)/', $list->text('where'), $found)) {
                $own[mb_strtolower($list->text('table'))] ??= [$found[1], $list->within(Screen::class)?->text('name') ?? ''];
            }
        }
        foreach ($lists as $list) {
            [$field, $screen] = $own[mb_strtolower($list->text('table'))] ?? ['', ''];
            if ($field !== '' && $list->text('owner') === '' && ! Pattern::match('/\bme\b/', $list->text('where'))) {
                $where = $list->text('where');
                yield Finding::warning(self::class, $list->at, "This list shows everybody’s {$list->text('table')}, while the screen “{$screen}” shows each person only their own.",
                    Mend::put('Show only one’s own', "$list->at/where", $where === '' ? "$field == me" : "$field == me and ($where)"));
            }
        }
    }
}
