<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\AddRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Prose;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Text\Article;

/** A form, or an effect that adds a row, that never gives a required field: it could never be saved. */
final class FormLeavesOut implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every form asks for what its table requires.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ([...$reading->nodesOf(AddForm::class), ...$reading->nodesOf(AddRow::class)] as $form) {
            $table = $reading->blueprint->tableOfOne($form->text('one'));
            $given = self::given($form);
            foreach ($table->fields ?? [] as $field) {
                if ($field->required && $field->begins === '' && ! in_array(mb_strtolower($field->name), $given, true)) {
                    $isForm = $form->is(AddForm::class);
                    $asked = is_array($form->data['asking'] ?? null) && $form->data['asking'] !== [];
                    $mend = match (true) {
                        ! $isForm => null,
                        $asked => Mend::put("Ask for $field->name", "$form->at/asking/-", $field->name),
                        default => Mend::put("Ask for $field->name", "$form->at/asking", [$field->name]),
                    };
                    $what = $isForm
                        ? "The form for a new {$form->text('one')} does not ask for $field->name"
                        : 'Adding '.Article::with($form->text('one'))." here does not set $field->name";
                    yield Finding::blocking(self::class, $form->at, "$what, which is required, so it could never be saved.", $mend);
                }
            }
        }
    }

    /** @return list<string> */
    private static function given(NodeSpot $form): array
    {
        $asked = is_array($form->data['asking'] ?? null) ? array_filter($form->data['asking'], is_string(...)) : [];
        $set = array_map(fn (array $a): string => is_string($a['field'] ?? null) ? $a['field'] : '', Prose::nodes($form->data['with'] ?? []));

        return array_values(array_map(mb_strtolower(...), [...$asked, ...$set]));
    }
}
