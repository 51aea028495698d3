<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Play\Narrowing;

/** A list that offers a choice of a field which has no choices, such as a text. */
final class ChoiceOfNothing implements OfOneScreen
{
    public function holds(): string
    {
        return 'What a list offers to choose has choices.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(ListLine::class) as $list) {
            $table = $reading->blueprint->table($list->text('table'));
            foreach (is_array($list->data['chips'] ?? null) ? array_values($list->data['chips']) : [] as $i => $name) {
                $field = $table === null || ! is_string($name) ? null : $table->field($name);
                if ($field !== null && ! Narrowing::canChoose($field)) {
                    $alone = count((array) $list->data['chips']) === 1;
                    yield Finding::warning(
                        self::class,
                        "$list->at/chips/$i",
                        "{$field->name} is {$field->valueType()->inWords()}, so there is nothing to choose from. A choice needs a field with options, "
                            .'yes or no, or a link to one row.',
                        new Mend('Offer no choice of it', [['op' => 'remove', 'path' => $alone ? "$list->at/chips" : "$list->at/chips/$i"]]),
                    );
                }
            }
        }
    }
}
