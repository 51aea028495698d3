<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RulesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, string, string|null}> what is replaced by what; rule, place, words, mended text */
    public static function faults(): iterable
    {
        yield 'a formula names what is not there' => [
            'shows spot.name as note',
            'shows spot.nane as note',
            'UnknownName',
            '/screens/0/lines/2/shows/1/formula',
            'Did you mean “name”?',
            'shows spot.name as note',
        ];
        yield 'a text names what is not there' => [
            'Heading "{swim.title}"',
            'Heading "{swim.titel}"',
            'UnknownName',
            '/screens/1/lines/1/text',
            'Did you mean “title”?',
            'Heading "{swim.title}"',
        ];
        yield 'a list of no table' => [
            'List of Spots, by',
            'List of Spotz, by',
            'UnknownName',
            '/screens/3/lines/0/table',
            'nothing called “Spotz”',
            'List of Spots, by',
        ];
        yield 'a condition that is no yes or no' => [
            'if swim.places > 0',
            'if swim.places',
            'UnknownName',
            '/screens/1/lines/6/if',
            'must give yes or no',
            null,
        ];
        yield 'a screen nobody reaches' => [
            "tab Mine as \"Mine\" with icon calendar\n",
            '',
            'ScreenNobodyReaches',
            '/screens/5',
            '“Mine”',
            'tab Mine as "Mine"',
        ];
        yield 'a detail screen without its row' => [
            'go to Booking with this',
            'go to Booking',
            'WrongArguments',
            '/screens/5/lines/1/tapped/0',
            'needs to know which Booking',
            'go to Booking with this',
        ];
        yield 'a detail screen with the wrong row' => [
            'go to Booking with this',
            'go to Booking with swim',
            'WrongArguments',
            '/screens/5/lines/1/tapped/0',
            '“swim” is a Swim',
            'go to Booking with this',
        ];
        yield 'a tab to a detail screen' => ['tab Spots as', 'tab Spot as', 'WrongArguments', '/tabs/1', 'a tab has none to give', null];
        yield 'a list that is silent when empty' => [
            "    when empty: \"No spots yet.\"\n",
            '',
            'ListWithoutEmptyText',
            '/screens/3/lines/0',
            'says nothing when it is empty',
            'when empty: "No spots yet."',
        ];
        yield 'a form that leaves a required field out' => [
            'asking Title, Spot, Starts, Places,',
            'asking Title, Spot, Places,',
            'FormLeavesOut',
            '/screens/2/lines/1',
            'does not ask for Starts',
            'asking Title, Spot, Places, Starts,',
        ];
        yield 'an effect that leaves a required field out' => [
            "        set Swim = swim\n",
            '',
            'FormLeavesOut',
            '/screens/1/lines/6/tapped/1',
            'does not set Swim',
            null,
        ];
        yield 'a number field fed from text' => [
            'set Host = me',
            'set Places = me.name',
            'NumberFromText',
            '/screens/2/lines/1/with/0/value',
            'must give a whole number',
            'set Places = whole(me.name)',
        ];
        yield 'a row that goes at one tap' => [
            "      confirm \"Give your place to somebody else?\"\n",
            '',
            'RemovedWithoutAsking',
            '/screens/6/lines/2/tapped/1',
            'happens at one tap',
            'confirm "Really remove this?"',
        ];
        yield 'a place that is never given back' => [
            "      raise booking.swim.places by 1\n",
            '',
            'LoweredNeverRaised',
            '/screens/6/lines/2/tapped/1',
            'does not raise it again',
            'raise booking.swim.places by 1',
        ];
        yield 'a list that cannot be asked' => [
            'where starts > now(), by',
            'where text(spot) == "x", by',
            'SlowList',
            '/screens/0/lines/2/where',
            'row by row',
            null,
        ];
        yield 'a list of a row that nothing links to' => [
            'List of Bookings of swim, by',
            'List of Spots of swim, by',
            'ListOfNothing',
            '/screens/1/lines/9/owner',
            'Spots have no link to a Swim',
            'List of Spots, by',
        ];
        yield 'a formula in circles' => [
            'Booked = count(bookings)',
            'Booked = booked + 1',
            'FormulaInCircles',
            '/tables/1/fields/7/type/formula',
            'computed from itself',
            null,
        ];
        yield 'text that cannot be read' => ['text is #13292B', 'text is #777777', 'LowContrast', '/theme/text', 'contrast', 'text is #'];
        yield 'a button without effect' => ["    tapped:\n      go to Offer\n", '', 'ButtonWithoutEffect', '/screens/0/lines/3', 'does nothing', 'go back'];
        yield 'a picture without words' => [
            'Picture of spot.photo, described as "{spot.name}"',
            'Picture of spot.photo',
            'PictureWithoutDescription',
            '/screens/4/lines/0',
            'not described',
            'described as "{spot.name}"',
        ];
        yield 'a blank that is not filled' => [
            'go to Offer',
            'go to ___',
            'BlankNotFilled',
            '/screens/0/lines/3/tapped/0/screen',
            'the name of a screen is missing',
            null,
        ];
        yield 'a name used twice' => ['screen Spots, titled', 'screen Offer, titled', 'DoubleName', '/screens/3/name', 'used twice', null];
        yield 'no package id' => [
            'package is "com.saltlark.companion"',
            'package is "Saltlark"',
            'PackageId',
            '/release/package',
            'cannot be the id',
            'package is "app.lanai.saltlark"',
        ];
        yield 'no semantic version' => ['version is "1.0.0"', 'version is "1.0"', 'Version', '/release/version', 'is not a version', 'version is "1.0.0"'];
        yield 'a letter that no font has' => ['icon letter is "S"', 'icon letter is "ن"', 'Icon', '/release/letter', 'is not in the font', null];
        yield 'no icon' => ["  icon letter is \"S\"\n", '', 'Icon', '/release/letter', 'no icon', 'icon letter is "S"'];
        yield 'a title too long' => [
            'title is "Saltlark: swim together"',
            'title is "Saltlark: swim together in the open sea"',
            'ListingTitle',
            '/release/title',
            '39 characters',
            'title is "Saltlark: swim together in the"',
        ];
    }

    #[DataProvider('faults')]
    public function test_a_rule_finds_its_fault_and_its_mend_puts_it_right(
        string $right,
        string $wrong,
        string $rule,
        string $at,
        string $words,
        ?string $mended,
    ): void {
        $script = World::saltlark()->blueprint->script();
        self::assertStringContainsString($right, $script);
        $blueprint = Blueprint::fromScript(substr_replace($script, $wrong, (int) strpos($script, $right), strlen($right)));

        $found = array_values(array_filter(self::findings($blueprint), fn (Finding $f): bool => $f->rule === $rule));
        self::assertCount(1, $found, implode("\n", array_map(fn (Finding $f): string => $f->sentence, self::findings($blueprint))));
        self::assertSame($at, $found[0]->at);
        self::assertStringContainsString($words, $found[0]->sentence);
        self::assertTrue($mended === null || $found[0]->mend !== null, 'It should come with a mend.');
        if ($mended !== null && $found[0]->mend !== null) {
            $after = EditResult::by($blueprint, new Patch($found[0]->mend->operations))->blueprint;
            self::assertStringContainsString($mended, $after->script());
            self::assertNotContains($rule, array_map(fn (Finding $f): string => $f->rule, self::findings($after)));
        }
    }

    public function test_the_demo_has_only_the_fault_that_a_store_will_name(): void
    {
        self::assertSame(['ListingSummary'], array_map(fn (Finding $f): string => $f->rule, self::findings(World::saltlark()->blueprint)));
    }

    public function test_a_build_number_that_a_store_has_taken_is_found(): void
    {
        $found = Findings::in(Reading::of(World::saltlark()->blueprint, 4));

        self::assertContains(
            'A store has already taken build 4; the next one must be higher than that, and this is 1.',
            array_map(fn (Finding $f): string => $f->sentence, $found),
        );
    }

    public function test_every_rule_says_what_holds(): void
    {
        foreach (Findings::rules() as $rule) {
            self::assertMatchesRegularExpression('/^[A-Z].*\.$/', $rule->holds());
        }
    }

    /** @return list<Finding> */
    private static function findings(Blueprint $blueprint): array
    {
        return Findings::in(Reading::of($blueprint));
    }
}
