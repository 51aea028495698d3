<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;

/** A formula field that is computed from itself, by way of others of its table. */
final class FormulaInCircles implements Rule
{
    public function holds(): string
    {
        return 'No formula field is computed from itself.';
    }

    public function station(): Station
    {
        return Station::Data;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->tables as $t => $table) {
            foreach ($table->fields as $f => $field) {
                if ($field->formula() !== '' && $this->reaches($table, Names::inFormula($field->name), $field->formula(), [])) {
                    yield Finding::blocking(self::class, "/tables/$t/fields/$f/type/formula", "$field->name is computed from itself, so it never has a value.");
                }
            }
        }
    }

    /** @param  array<string, true>  $seen */
    private function reaches(Table $table, string $goal, string $formula, array $seen): bool
    {
        try {
            $names = Formula::of($formula)->names();
        } catch (FormulaMistake) {
            return false;
        }
        foreach ($names as $name) {
            $next = $table->fieldInFormula($name)?->formula() ?? '';
            if ($name === $goal || ($next !== '' && ! isset($seen[$name]) && $this->reaches($table, $goal, $next, $seen + [$name => true]))) {
                return true;
            }
        }

        return false;
    }
}
