<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Play\Assignment;

/** A field that is fed a value of another type, such as a number field from text. */
final class NumberFromText implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every field is set to a value of its own type.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->walk()->blanks as $spot) {
            if (! $spot->node->is(Assignment::class) || ! ($spot->blank->fit instanceof FormulaFit) || $spot->isEmpty() || $spot->scope->lost) {
                continue;
            }
            try {
                $spot->blank->fit->check($spot->text(), $spot->scope);
            } catch (FormulaMistake $mistake) {
                $mend =
                    $mistake->mended === null
                        ? null
                        : new Mend("Write “{$mistake->mended}”", [['op' => 'replace', 'path' => $spot->at, 'value' => $mistake->mended]]);
                yield Finding::blocking(self::class, $spot->at, "{$spot->node->text('field')}: {$mistake->getMessage()}", $mend);
            }
        }
    }
}
