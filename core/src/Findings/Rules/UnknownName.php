<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Nearest;
use Lanai\Core\Formula\Template;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Model\Fits\EntitlementFit;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\Fits\ScreenFit;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Play\Assignment;

/** Names that nothing has, and formulas that give the wrong type. */
final class UnknownName implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every name is known and every formula gives what its blank needs.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->walk()->blanks as $spot) {
            $fit = $spot->blank->fit;
            if ($spot->isEmpty() || $spot->scope->lost) {
                continue;
            }
            if ($fit instanceof FormulaFit && ! $spot->node->is(Assignment::class)) {
                yield from self::formula($fit, $spot);
            } elseif ($fit instanceof TextFit && ! $fit->plain) {
                yield from self::template($spot);
            } elseif (
                $fit instanceof TableFit ||
                $fit instanceof ScreenFit ||
                $fit instanceof FieldFit ||
                $fit instanceof NamedFit ||
                $fit instanceof EntitlementFit
            ) {
                yield from self::name($fit, $spot);
            }
        }
    }

    /** @return iterable<Finding> */
    private static function formula(FormulaFit $fit, BlankSpot $spot): iterable
    {
        try {
            $fit->check($spot->text(), $spot->scope);
        } catch (FormulaMistake $mistake) {
            $mend = $mistake->mended === null || $mistake->mended === $spot->text() ? null
                : new Mend("Write “{$mistake->mended}”", [['op' => 'replace', 'path' => $spot->at, 'value' => $mistake->mended]]);
            yield Finding::blocking(self::class, $spot->at, $mistake->getMessage(), $mend);
        }
    }

    /** @return iterable<Finding> */
    private static function template(BlankSpot $spot): iterable
    {
        try {
            foreach (Template::of($spot->text())->formulas() as $formula) {
                $formula->typeIn($spot->scope);
            }
        } catch (FormulaMistake $mistake) {
            $mend = null;
            if ($mistake->mended !== null && isset($formula) && substr_count($spot->text(), '{'.$formula->text.'}') === 1) {
                $text = str_replace('{'.$formula->text.'}', '{'.$mistake->mended.'}', $spot->text());
                $mend = new Mend("Write “{$mistake->mended}”", [['op' => 'replace', 'path' => $spot->at, 'value' => $text]]);
            }
            yield Finding::blocking(self::class, $spot->at, $mistake->getMessage(), $mend);
        }
    }

    /** @return iterable<Finding> */
    private static function name(TableFit|ScreenFit|FieldFit|NamedFit|EntitlementFit $fit, BlankSpot $spot): iterable
    {
        if (($fit instanceof TableFit || $fit instanceof ScreenFit) && $fit->knows($spot->text(), $spot->scope)) {
            return;
        }
        $known = array_map(fn (Choice $c): string => trim($c->text, '"'), $fit->choices($spot->scope));
        foreach ($known as $name) {
            if (mb_strtolower($name) === mb_strtolower($spot->text())) {
                return;
            }
        }
        $near = Nearest::to($spot->text(), $known);
        $sentence = "There is nothing called “{$spot->text()}” here, but ".$fit->inWords($spot->scope).' is needed.';
        yield Finding::blocking(self::class, $spot->at, $sentence, $near === null ? null
            : new Mend("Use “{$near}”", [['op' => 'replace', 'path' => $spot->at, 'value' => $near]]));
    }
}
