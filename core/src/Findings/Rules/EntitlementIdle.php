<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Model\FieldTypes\EntitlementType;
use Lanai\Core\Model\Fits\EntitlementFit;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** An entitlement that nobody can come to have, that stands where nobody has it, or that opens nothing. */
final class EntitlementIdle implements Rule
{
    public function holds(): string
    {
        return 'Every entitlement is given by a product, and opens something.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        $asked = null;
        foreach ($blueprint->tables as $t => $table) {
            foreach ($table->fields as $f => $field) {
                if (! ($field->type instanceof EntitlementType) || $field->name === '') {
                    continue;
                }
                $at = "/tables/$t/fields/$f";
                if (! $table->people) {
                    $sentence = "$field->name is an entitlement, and only people have such: it belongs to those who sign in.";
                    yield Finding::blocking(self::class, $at, $sentence);

                    continue;
                }
                if ($blueprint->giving($field->name) === []) {
                    yield Finding::warning(self::class, $at, "Nobody can ever have $field->name: no product gives it.");
                }
                $asked ??= self::asked($reading);
                $inFormula = '/\b'.preg_quote(Names::inFormula($field->name), '/').'\b/';
                if (! Pattern::match($inFormula, $asked) && ! str_contains($asked, "\n".mb_strtolower($field->name)."\n")) {
                    yield Finding::warning(self::class, $at, "$field->name opens nothing: no formula and no permission asks for it.");
                }
            }
        }
    }

    /** Every formula and every name of an entitlement that a permission says, one to a line. */
    private static function asked(Reading $reading): string
    {
        $said = '';
        foreach ($reading->walk()->blanks as $spot) {
            $fit = $spot->blank->fit;
            $said .= match (true) {
                $fit instanceof FormulaFit, $fit instanceof TextFit && ! $fit->plain => $spot->text()."\n",
                $fit instanceof EntitlementFit && ! self::isGiven($spot) => "\n".mb_strtolower($spot->text())."\n",
                default => '',
            };
        }

        return $said;
    }

    private static function isGiven(BlankSpot $spot): bool
    {
        return str_starts_with($spot->at, '/products/');
    }
}
