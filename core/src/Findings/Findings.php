<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Blueprint\Pointer;
use Lanai\Core\Script\Prose;

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
            new Rules\ChoiceOfNothing,
            new Rules\SlowList,
            new Rules\FormulaInCircles,
            new Rules\FormLeavesOut,
            new Rules\ButtonWithoutEffect,
            new Rules\RemovedWithoutAsking,
            new Rules\LoweredNeverRaised,
            new Rules\UsesRemovedRow,
            new Rules\RoutineInCircles,
            new Rules\AddedWithoutPerson,
            new Rules\EverybodysRows,
            new Rules\ScreensWithoutExit,
            new Rules\PictureWithoutDescription,
            new Rules\LowContrast,
            new Rules\RowsNotAsked,
            new Rules\PermissionUnsaid,
            new Rules\UnsaidWithoutSignIn,
            new Rules\OpenPersonalData,
            new Rules\AddressShown,
            new Rules\MeWithoutSignIn,
            new Rules\ForbiddenByRule,
            new Rules\SignInIncomplete,
            new Rules\WayNotThere,
            new Rules\AccountMatters,
            new Rules\ProviderMoved,
            new Rules\SlowPermission,
            new Rules\MoreRowsThanTaken,
            new Rules\ShownAndSent,
            new Rules\SecretTyped,
            new Rules\ServiceAddress,
            new Rules\AnswerOutOfShape,
            new Rules\PartMisspelt,
            new Rules\TypedInstructions,
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
    public static function in(Reading $reading, Memo $memo = new Memo): array
    {
        $found = [];
        $local = self::byScreen($reading, $memo);
        foreach (self::rules() as $rule) {
            foreach ($rule instanceof OfOneScreen ? $local[$rule::class] ?? [] : $rule->look($reading) as $finding) {
                $found[] = $finding;
            }
        }
        usort($found, fn (Finding $a, Finding $b): int => $b->blocks <=> $a->blocks);

        return $found;
    }

    /**
     * What the rules of one screen find, screen by screen: only those that read differently are looked at.
     *
     * @return array<class-string<Rule>, list<Finding>>
     */
    private static function byScreen(Reading $reading, Memo $memo): array
    {
        $rules = array_filter(self::rules(), fn (Rule $r): bool => $r instanceof OfOneScreen);
        $data = $reading->blueprint->data();
        $screens = Prose::nodes($data['screens'] ?? []);
        $around = hash('xxh128', serialize([array_diff_key($data, ['screens' => true]), array_map(fn (array $s): array => [$s['name'] ?? '', $s['about'] ?? []], $screens)]));
        $found = [];
        foreach ($reading->parts() as $screen => $part) {
            $own = $screen === '' ? '' : serialize($screens[(int) Pointer::last($screen)]);
            $all = $memo->of(hash('xxh128', "$around $screen $own"), function () use ($rules, $part): array {
                $all = [];
                foreach ($rules as $rule) {
                    array_push($all, ...$rule->look($part));
                }

                return $all;
            });
            foreach ($all as $finding) {
                $found[$finding->rule][] = $finding;
            }
        }
        $byClass = [];
        foreach ($rules as $rule) {
            $byClass[$rule::class] = $found[substr((string) strrchr($rule::class, '\\'), 1)] ?? [];
        }

        return $byClass;
    }
}
