<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/** The rules there are, and what they say of an app. A new rule is registered here. */
final class Findings
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rules\BlankNotFilled,
            new Rules\UnknownName,
            new Rules\DoubleName,
            new Rules\NumberFromText,
            new Rules\ScreenNobodyReaches,
            new Rules\WrongRowForScreen,
            new Rules\ListWithoutEmptyText,
            new Rules\ListOfNothing,
            new Rules\SlowList,
            new Rules\FormulaInCircles,
            new Rules\FormLeavesOut,
            new Rules\ButtonWithoutEffect,
            new Rules\RemovedWithoutAsking,
            new Rules\LoweredNeverRaised,
            new Rules\PictureWithoutDescription,
            new Rules\LowContrast,
            new Rules\PackageId,
            new Rules\Version,
            new Rules\BuildNumber,
            new Rules\Icon,
            new Rules\ListingTitle,
            new Rules\ListingSummary,
            new Rules\ListingDescription,
        ];
    }

    /** @return list<Finding> in the order of the rules, those that block first */
    public static function in(Reading $reading): array
    {
        $found = [];
        foreach (self::rules() as $rule) {
            foreach ($rule->look($reading) as $finding) {
                $found[] = $finding;
            }
        }
        usort($found, fn (Finding $a, Finding $b): int => $b->blocks <=> $a->blocks);

        return $found;
    }
}
