<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

final class Findings
{
    /** @return list<Rule> */
    public static function rules(): array
    {
        return [
            new Rules\BlankNotFilled(),
            new Rules\UnknownName(),
            new Rules\DoubleName(),
            new Rules\NumberFromText(),
            new Rules\ScreenNobodyReaches(),
            new Rules\WrongArguments(),
            new Rules\ListWithoutEmptyText(),
            new Rules\ListOfNothing(),
            new Rules\MapWithoutPlaces(),
            new Rules\CalendarWithoutDays(),
            new Rules\DaysNotTogether(),
            new Rules\SharedWithoutText(),
            new Rules\ProductIncomplete(),
            new Rules\EntitlementIdle(),
            new Rules\PriceNotTaken(),
            new Rules\ShelfDiffers(),
            new Rules\StoreHasNotHeard(),
            new Rules\AdvertMatters(),
            new Rules\AdvertPlaces(),
            new Rules\CountedAgain(),
            new Rules\FunnelLeadsNowhere(),
            new Rules\TrialMatters(),
            new Rules\NoteContradicted(),
            new Rules\WordAvoided(),
            new Rules\InvitationMatters(),
            new Rules\EverybodyShutOut(),
            new Rules\MessageMatters(),
            new Rules\LanguageMatters(),
            new Rules\OnboardingMatters(),
            new Rules\BoughtWithoutConditions(),
            new Rules\PaidScreenOpen(),
            new Rules\ChoiceOfNothing(),
            new Rules\SlowList(),
            new Rules\FormulaInCircles(),
            new Rules\FormLeavesOut(),
            new Rules\ButtonWithoutEffect(),
            new Rules\RemovedWithoutAsking(),
            new Rules\LoweredNeverRaised(),
            new Rules\UsesRemovedRow(),
            new Rules\RoutineInCircles(),
            new Rules\AddedWithoutPerson(),
            new Rules\EverybodysRows(),
            new Rules\ScreensWithoutExit(),
            new Rules\PictureWithoutDescription(),
            new Rules\LowContrast(),
            new Rules\RowsNotAsked(),
            new Rules\PermissionUnsaid(),
            new Rules\UnsaidWithoutSignIn(),
            new Rules\OpenPersonalData(),
            new Rules\AddressShown(),
            new Rules\MeWithoutSignIn(),
            new Rules\ForbiddenByRule(),
            new Rules\SignInIncomplete(),
            new Rules\WayNotThere(),
            new Rules\AccountMatters(),
            new Rules\ProviderMoved(),
            new Rules\SlowPermission(),
            new Rules\MoreRowsThanTaken(),
            new Rules\ShownAndSent(),
            new Rules\SecretTyped(),
            new Rules\ServiceAddress(),
            new Rules\TilesIncomplete(),
            new Rules\AnswerOutOfShape(),
            new Rules\PartMisspelt(),
            new Rules\TypedInstructions(),
            new Rules\PackageId(),
            new Rules\Version(),
            new Rules\BuildNumber(),
            new Rules\DeclaredOtherwise(),
            new Rules\Icon(),
            new Rules\ListingTitle(),
            new Rules\ListingSummary(),
            new Rules\SearchWords(),
            new Rules\StarsHaveFallen(),
            new Rules\PictureOfNothing(),
            new Rules\ListingDescription(),
        ];
    }

    /** @return list<Finding> in the order of the rules, those that block first */
    public static function in(Reading $reading, Memo $memo = new Memo()): array
    {
        $found = [];
        [$local, $facts] = self::byScreen($reading, $memo);
        foreach (self::rules() as $rule) {
            $here = match (true) {
                $rule instanceof OfOneScreen => $local[$rule::class] ?? [],
                $rule instanceof Gathers => $rule->judge($facts[$rule::class] ?? [], $reading),
                default => $rule->look($reading),
            };
            foreach ($here as $finding) {
                $found[] = $finding;
            }
        }
        usort($found, fn (Finding $a, Finding $b): int => $b->blocks <=> $a->blocks);

        return $found;
    }

    /**
     * What the rules of one screen find, and what others gather there, screen by screen: only those that read differently are looked at.
     *
     * @return array{array<class-string<Rule>, list<Finding>>, array<class-string<Rule>, list<array<string, mixed>>>}
     */
    private static function byScreen(Reading $reading, Memo $memo): array
    {
        $screens = $reading->blueprint->data()['screens'] ?? [];
        $screens = is_array($screens) ? array_values($screens) : [];
        $around = $reading->around();
        $found = $facts = $outlines = [];
        foreach (['', ...array_map(fn (int $i): string => "/screens/$i", array_keys($screens))] as $i => $at) {
            $own = $at === '' ? '' : $memo->mark($i - 1, $screens[$i - 1]);
            $all = $memo->of("$around $at $own", fn (): array => self::looked($reading->part($at)));
            $outlines[] = $all[2];
            foreach ($all[0] as $class => $findings) {
                $found[$class] = [...$found[$class] ?? [], ...$findings];
            }
            foreach ($all[1] as $class => $gathered) {
                $facts[$class] = [...$facts[$class] ?? [], ...$gathered];
            }
        }

        $reading->knowing($outlines);

        return [$found, $facts];
    }

    /**
     * @return array{array<class-string<Rule>, list<Finding>>, array<class-string<Rule>, list<array<string, mixed>>>, array<string, array<string,
     *   array<string, string|int|true>>>}
     *   what was found and gathered by those rules that did, and the outline
     */
    private static function looked(Reading $part): array
    {
        $found = $facts = [];
        foreach (self::rules() as $rule) {
            if ($rule instanceof OfOneScreen) {
                $found[$rule::class] = is_array($here = $rule->look($part)) ? array_values($here) : iterator_to_array($here, false);
            } elseif ($rule instanceof Gathers) {
                $facts[$rule::class] = $rule->gather($part);
            }
        }

        return [array_filter($found), array_filter($facts), $part->outline()];
    }
}
