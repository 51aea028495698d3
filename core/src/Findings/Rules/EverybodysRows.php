<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Access\Rules;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Access\Everyone;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Text\Pattern;

/** Rows that one list shows only to the person they belong to, and another list to everybody. */
final class EverybodysRows implements Rule
{
    /** What is read of each list. */
    private const READ = ['table', 'where', 'owner'];

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
        $lists = array_map(
            fn (array $list): array => array_map(fn (string $key): string => is_string($list[$key] ?? null) ? $list[$key] : '', self::READ),
            $reading->placesOf(ListLine::class),
        );
        $own = [];
        foreach ($lists as $at => [$table, $where]) {
            if (Pattern::match('/\b(\w+)\s*==\s*me\b(?!\.)/', $where, $found)) {
                $screen = Pattern::match('~^/screens/(\d+)/~', $at, $in) ? $reading->blueprint->screens[(int) $in[1]]->name : '';
                $own[mb_strtolower($table)] ??= [$found[1], $screen];
            }
        }
        $rules = new Rules($reading->blueprint);
        foreach ($lists as $at => [$table, $where, $owner]) {
            [$field, $screen] = $own[mb_strtolower($table)] ?? ['', ''];
            $kept = $field === '' ? null : $reading->blueprint->table($table);
            // What everybody may see, by a sentence, is meant to be seen.
            $everybody = $kept === null ? [] : array_filter($rules->of(Verb::See, $kept), fn (Who $who): bool => $who instanceof Everyone);
            if ($kept !== null && $rules->isSaid(Verb::See, $kept) && $everybody !== []) {
                continue;
            }
            if ($field !== '' && $owner === '' && ! Pattern::match('/\bme\b/', $where)) {
                yield Finding::warning(
                    self::class,
                    $at,
                    "This list shows everybody’s $table, while the screen “{$screen}” shows each person only their own.",
                    Mend::put('Show only one’s own', "$at/where", $where === '' ? "$field == me" : "$field == me and ($where)"),
                );
            }
        }
    }
}
