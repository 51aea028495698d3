<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Field;

/** A list that is drawn as a calendar, of which nobody said on which day each item lies. */
final class CalendarWithoutDays implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every list that is shown as a calendar is in the order of a day or a moment.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(ListLine::class) as $list) {
            $table = $reading->blueprint->table($list->text('table'));
            if ($list->text('layout') !== 'calendar' || $table === null) {
                continue;
            }
            $by = is_array($list->data['by'] ?? null) ? $list->data['by'] : [];
            $first = is_array($by[0] ?? null) && is_string($by[0]['field'] ?? null) ? $by[0]['field'] : '';
            $days = array_values(array_filter($table->fields, self::isOfDays(...)));
            if (array_filter($days, fn (Field $f): bool => $f->name === $first) !== []) {
                continue;
            }
            $name = $days[0]->name ?? '';
            yield Finding::warning(
                self::class,
                $list->at,
                $name === ''
                    ? "The calendar of $table->name is empty: $table->name has no field that is a date, or a date and time."
                    : "The calendar of $table->name is empty: put it in the order of a date, or of a date and time.",
                $name === ''
                    ? null
                    : new Mend(
                        "Put it in the order of $name",
                        [['op' => 'add', 'path' => "$list->at/by", 'value' => [['field' => $name, 'way' => 'upward'], ...$by]]],
                    ),
            );
        }
    }

    private static function isOfDays(Field $field): bool
    {
        return in_array($field->valueType()->kind, [Kind::Date, Kind::Moment], true);
    }
}
