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
use Lanai\Core\Text\Names;

/** A list that is drawn as a map, of which nobody said where each item lies. */
final class MapWithoutPlaces implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every list that is shown as a map says where each of its items lies.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(ListLine::class) as $list) {
            $shows = is_array($list->data['shows'] ?? null) ? $list->data['shows'] : [];
            if ($list->text('layout') !== 'map' || in_array('place', array_column($shows, 'place'), true)) {
                continue;
            }
            $name = $list->text('table');
            $fields = array_values(
                array_filter($reading->blueprint->table($name)->fields ?? [], fn (Field $f): bool => $f->valueType()->kind === Kind::Place),
            );
            $formula = $fields === [] ? null : Names::inFormula($fields[0]->name);
            yield Finding::warning(
                self::class,
                $list->at,
                $formula === null
                    ? "The map of $name is empty: it shows nothing as place, and $name has no field that is a place."
                    : "The map of $name is empty: it does not say where each one lies.",
                $formula === null
                    ? null
                    : Mend::addingTo("Show $formula as place", "$list->at/shows", $shows !== [], [['formula' => $formula, 'place' => 'place']]),
            );
        }
    }
}
