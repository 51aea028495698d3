<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Pairs;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Theme;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MoreRulesTest extends TestCase
{
    private const TABLES = "app X\n\ntable Jars, each a Jar\n  Name is a text\n  Owner is one Person\n\ntable People, each a Person, who sign in\n"
        ."  Name is a text\n\n";

    /** @return iterable<string, array{string, string, string, string|null}> the rest of the app; rule; words; words of the mended app */
    public static function faults(): iterable
    {
        yield 'added without a person' => [
            "screen S, first\n  Button \"a\"\n    tapped:\n      add a Jar\n        set Name = \"x\"\n",
            'AddedWithoutPerson',
            'added without its Owner',
            'set Owner = me',
        ];
        yield 'a form without a person' => [
            "screen S, first\n  Form for a new Jar asking Name\n",
            'AddedWithoutPerson',
            'nobody can find it',
            'set Owner = me',
        ];
        yield 'personal rows for everybody' => [
            "screen S, first\n  List of Jars where owner == me\n    when empty: \"None\"\n  List of Jars where name != \"x\"\n    when empty: \"None\"\n",
            'EverybodysRows',
            'everybody’s Jars',
            'where owner == me and (name != "x")',
        ];
        yield 'screens nobody can leave' => [
            "screen S, first\n  Button \"a\"\n    tapped:\n      go to A\n\nscreen A, full screen\n  Button \"b\"\n    tapped:\n      go to B\n\n"
                ."screen B, full screen\n  Button \"a\"\n    tapped:\n      go to A\n",
            'ScreensWithoutExit',
            'Nobody can leave the screen “A”',
            'start over',
        ];
        yield 'a removed row used' => [
            "screen S, about one Jar, first\n  Button \"a\"\n    tapped:\n      confirm \"Sure?\"\n      remove jar\n      say \"{jar.name} is gone\"\n",
            'UsesRemovedRow',
            'has removed it',
            "say \"{jar.name} is gone\"\n      remove jar",
        ];
        yield 'a routine in circles' => [
            "screen S, first\n  Button \"a\"\n    tapped:\n      do R\n\nroutine R\n  do Q\n\nroutine Q\n  do R\n",
            'RoutineInCircles',
            'would never end',
            null,
        ];
        yield 'all removed at one tap' => [
            "screen S, first\n  Button \"a\"\n    tapped:\n      remove all of jars\n",
            'RemovedWithoutAsking',
            'remove all of jars',
            'confirm "Really remove this?"',
        ];
        yield 'a routine that removes at one tap' => [
            "screen S, first\n  Button \"a\"\n    tapped:\n      do R\n\nroutine R\n  remove all of jars\n",
            'RemovedWithoutAsking',
            'happens at one tap',
            "confirm \"Really remove this?\"\n      do R",
        ];
        yield 'a choice among texts' => [
            "screen S, first\n  List of Jars, offering a choice of Name and Owner\n    when empty: \"None\"\n",
            'ChoiceOfNothing',
            'nothing to choose from',
            'offering a choice of Owner',
        ];
        yield 'a piece that is not there' => [
            "screen S, first\n  Piece Head\n\npiece Heads\n  Text \"x\"\n",
            'UnknownName',
            'nothing called “Head”',
            'Piece Heads',
        ];
        yield 'an entry without effect' => ["screen S, first\n  Menu \"m\"\n    entry \"e\"\n", 'ButtonWithoutEffect', 'does nothing', 'go back'];
        yield 'a value that is not there' => [
            "screen S, first\n  Text \"{app.unit}\"\n\nvalue Units is a text\n",
            'UnknownName',
            'no value of the app called',
            '{app.units}',
        ];
        yield 'an asset that is not there' => ["screen S, first\n  Picture of asset.logo, described as \"x\"\n", 'UnknownName', 'no asset called', null];
    }

    #[DataProvider('faults')]
    public function test_a_rule_finds_its_fault_and_its_mend_puts_it_right(string $app, string $rule, string $words, ?string $mended): void
    {
        $blueprint = Blueprint::fromScript(self::TABLES.$app);
        $found = $this->found($blueprint, $rule);

        self::assertNotSame([], $found);
        self::assertStringContainsString($words, $found[0]->sentence);
        if ($mended !== null) {
            $after = Blueprint::fromData((new Patch($found[0]->mend->operations ?? []))->applyTo($blueprint->data()));
            self::assertStringContainsString($mended, $after->script());
            self::assertLessThan(count($found), count($this->found($after, $rule)));
        }
    }

    public function test_what_is_right_is_left_alone(): void
    {
        $blueprint = Blueprint::fromScript(
            self::TABLES.
                "screen S, first\n  Button \"a\"\n    tapped:\n      confirm \"Sure?\"\n      do R with first(jars)\n      add a Jar\n"
                    ."        set Owner = me\n  List of Jars where owner == me\n    when empty: \"None\"\n  List of Jars of me\n"
                        ."    when empty: \"None\"\n\nroutine R taking Jar is one Jar\n  say \"{jar.name}\"\n  remove jar\n",
        );

        foreach (
            ['AddedWithoutPerson', 'EverybodysRows', 'ScreensWithoutExit', 'UsesRemovedRow', 'RoutineInCircles', 'RemovedWithoutAsking', 'UnknownName'] as $rule
        ) {
            self::assertSame([], array_map(fn (Finding $f): string => $f->sentence, $this->found($blueprint, $rule)), $rule);
        }
    }

    public function test_every_pair_of_colours_in_use_is_judged_by_day_and_in_the_dark(): void
    {
        $pairs = Pairs::of((new Theme())->byDay());

        self::assertGreaterThan(6, count($pairs));
        self::assertSame('#808080', Pairs::mixed('#000000', '#FFFFFF', 0.498));
        $dark = Blueprint::fromScript("app X\n\ntheme, also in the dark\n  in the dark text is #444444\n\nscreen S, first\n");
        $found = $this->found($dark, 'LowContrast');
        self::assertSame(['/theme/darkText'], array_map(fn (Finding $f): string => $f->at, $found));
        self::assertSame([], $this->found(Blueprint::fromData((new Patch($found[0]->mend->operations ?? []))->applyTo($dark->data())), 'LowContrast'));
    }

    /** @return list<Finding> */
    private function found(Blueprint $blueprint, string $rule): array
    {
        return array_values(array_filter(Findings::in(Reading::of($blueprint)), fn (Finding $f): bool => $f->rule === $rule));
    }
}
