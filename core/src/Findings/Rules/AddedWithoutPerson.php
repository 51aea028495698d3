<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\AddRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Language\Prose;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Model\Field;

/** A row that could say whose it is, added without saying so: it will show up in nobody's own list. */
final class AddedWithoutPerson implements OfOneScreen
{
    public function holds(): string
    {
        return 'What a person adds says who added it.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $person = mb_strtolower($reading->blueprint->peopleTable()->singular ?? '');
        foreach ($person === '' ? [] : [...$reading->nodesOf(AddRow::class), ...$reading->nodesOf(AddForm::class)] as $spot) {
            $table = $reading->blueprint->tableOfOne($spot->text('one'));
            $fields = array_values(array_filter($table->fields ?? [], fn (Field $f): bool => mb_strtolower($f->linksTo()) === $person));
            if ($table === null || count($fields) !== 1 || ! $fields[0]->isAsked() || $fields[0]->required) {
                continue;
            }
            $set = array_map(
                fn (array $a): string => is_string($a['field'] ?? null) ? mb_strtolower($a['field']) : '',
                Prose::nodes($spot->data['with'] ?? []),
            );
            $asked = array_map(
                fn (mixed $f): string => is_string($f) ? mb_strtolower($f) : '',
                is_array($spot->data['asking'] ?? null) ? $spot->data['asking'] : [],
            );
            if (! in_array(mb_strtolower($fields[0]->name), [...$set, ...$asked], true)) {
                $assignment = ['field' => $fields[0]->name, 'value' => 'me'];
                yield Finding::warning(
                    self::class,
                    $spot->at,
                    "The $table->singular is added without its {$fields[0]->name}, so nobody can find it among their own.",
                    $set === []
                        ? Mend::put("Set {$fields[0]->name} to the person", "$spot->at/with", [$assignment])
                        : Mend::put("Set {$fields[0]->name} to the person", "$spot->at/with/-", $assignment),
                );
            }
        }
    }
}
