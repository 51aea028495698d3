<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Small apps beside the demo: what each rule says of its border cases. */
final class CasesTest extends TestCase
{
    private const RELEASE = "\nrelease\n  package is \"com.example.a\"\n  icon letter is \"A\"\n  title is \"A\"\n  summary is \"A\"\n  description is \"A\"\n";

    private const TABLES = "app A\ntable Hens, each a Hen\n  may be seen by everyone\n  may be added by everyone\n  may be changed by everyone\n"
        ."  may be removed by everyone\n  Name is a text, required\n  Eggs is a whole number\n  Nest is one Nest, required\n"
            ."table Nests, each a Nest\n  may be seen by everyone\n  may be added by everyone\n  may be changed by everyone\n"
                ."  may be removed by everyone\n  Label is a text\n";

    /** @return iterable<string, array{string, list<string>}> script after the tables; "Rule at" of all findings */
    public static function cases(): iterable
    {
        yield 'nothing is wrong' => ["screen S\n  List of Hens\n    when empty: \"None.\"\n", []];
        yield 'an app that begins with a screen about a row' => ["screen S, about one Hen, first\n  Text \"{hen.name}\"\n", ['WrongArguments /screens/0']];
        yield 'a screen behind one that nobody reaches is told with it' => [
            "screen S\nscreen T\n  Button \"x\"\n    tapped:\n      go to U\nscreen U\n",
            ['ScreenNobodyReaches /screens/1'],
        ];
        yield 'screens that only reach each other' => [
            "screen S\nscreen T\n  Button \"x\"\n    tapped:\n      go to U\nscreen U\n  Button \"x\"\n    tapped:\n      go to T\n",
            ['ScreenNobodyReaches /screens/1', 'ScreenNobodyReaches /screens/2'],
        ];
        yield 'a tap in a list and what follows a form are ways too' => [
            "screen S\n  List of Hens\n    tapped:\n      go to T with this\n    when empty: \"None.\"\n  Form for a new Hen asking Name, Nest\n"
                ."    saved:\n      go to U with this\nscreen T, about one Hen\nscreen U, about one Hen\n",
            [],
        ];
        yield 'a row that follows a link' => [
            "screen S\n  List of Hens\n    tapped:\n      go to T with nest\n    when empty: \"None.\"\nscreen T, about one Nest\n",
            [],
        ];
        yield 'too many rows' => [
            "screen S\n  List of Hens\n    tapped:\n      go to T with this\n    when empty: \"None.\"\nscreen T\n",
            ['WrongArguments /screens/0/lines/0/tapped/0'],
        ];
        yield 'two rows where two are wanted' => [
            "screen S\n  List of Hens\n    tapped:\n      go to T with this, nest\n    when empty: \"None.\"\nscreen T, about one Hen and one Nest\n",
            [],
        ];
        $piece = "piece P taking Hen is one Hen and Note is a whole number\n  Text \"{hen.name} {note}\"\n";
        yield 'a piece that is given what it takes' => [
            "{$piece}screen S, first\n  Piece P with first(hens), 3\n",
            [],
        ];
        yield 'a piece that is given less' => [
            "{$piece}screen S, first\n  Piece P with first(hens)\n",
            ['WrongArguments /screens/0/lines/0'],
        ];
        yield 'a routine that is given a row of another table' => [
            "routine R taking Hen is one Hen\n  raise hen.eggs by 1\nscreen S, first\n  Button \"x\"\n    tapped:\n      do R with first(nests)\n",
            ['WrongArguments /screens/0/lines/0/tapped/0'],
        ];
        yield 'a routine that is given too much' => [
            "routine R taking Hen is one Hen\n  raise hen.eggs by 1\nscreen S, first\n  Button \"x\"\n    tapped:\n      do R with first(hens), 7\n",
            ['WrongArguments /screens/0/lines/0/tapped/0'],
        ];
        yield 'under a table that is not known only the table is named' => [
            "screen S\n  List of Hnes where egs > 1, by Nmae upward\n    shows naem as title\n    when empty: \"None.\"\n",
            ['UnknownName /screens/0/lines/0/table'],
        ];
        yield 'a required field that is set without asking' => [
            "screen S, about one Nest\n  Form for a new Hen asking Name\n    set Nest = nest\nscreen First, first\n  List of Nests\n    tapped:\n"
                ."      go to S with this\n    when empty: \"None.\"\n",
            [],
        ];
        yield 'each required field that is left out' => [
            "screen S\n  Form for a new Hen asking Eggs\n",
            ['FormLeavesOut /screens/0/lines/0', 'FormLeavesOut /screens/0/lines/0'],
        ];
        yield 'a form that changes a row may leave fields alone' => [
            "screen S, about one Hen\n  Form to change hen asking Eggs\nscreen First, first\n  List of Hens\n    tapped:\n      go to S with this\n"
                ."    when empty: \"None.\"\n",
            [],
        ];
        yield 'a number where a text is wanted' => [
            "screen S\n  Button \"x\"\n    tapped:\n      add a Nest\n        set Label = 5\n",
            ['NumberFromText /screens/0/lines/0/tapped/0/with/0/value'],
        ];
        yield 'a field that the table does not have' => [
            "screen S\n  Button \"x\"\n    tapped:\n      add a Nest\n        set Lable = \"x\"\n",
            ['UnknownName /screens/0/lines/0/tapped/0/with/0/field'],
        ];
        yield 'a clause that is offered and not filled' => ["screen S\n  Text \"x\", if ___\n", ['BlankNotFilled /screens/0/lines/0/if']];
        yield 'an empty text' => ["screen S\n  Heading \"\"\n", ['BlankNotFilled /screens/0/lines/0/text']];
        yield 'a picture with an empty description' => ["screen S\n  Picture of ___, described as \"x\"\n", ['BlankNotFilled /screens/0/lines/0/of']];
        yield 'a brace that is not closed' => ["screen S\n  Text \"{oops\"\n", ['UnknownName /screens/0/lines/0/text']];
        yield 'me, where nobody signs in' => ["screen S\n  Text \"{me.name}\"\n", ['UnknownName /screens/0/lines/0/text']];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('cases')]
    public function test_a_case_has_exactly_these_findings(string $screens, array $expected): void
    {
        $findings = Findings::in(Reading::of(Blueprint::fromScript(self::TABLES.$screens.self::RELEASE)));

        self::assertSame(
            $expected,
            array_map(fn (Finding $f): string => "$f->rule $f->at", $findings),
            implode("\n", array_map(fn (Finding $f): string => $f->sentence, $findings)),
        );
    }

    public function test_a_link_to_a_table_that_is_not_there_is_found(): void
    {
        $findings = Findings::in(
            Reading::of(
                Blueprint::fromScript(
                    "app A\ntable Hens, each a Hen\n  may be seen by everyone\n  may be added by everyone\n  may be changed by everyone\n"
                        ."  may be removed by everyone\n  Nest is one Nets\nscreen S".
                        self::RELEASE,
                ),
            ),
        );

        self::assertSame(['UnknownName /tables/0/fields/0/type/one'], array_map(fn (Finding $f): string => "$f->rule $f->at", $findings));
        self::assertSame('data', $findings[0]->station->value);
    }

    public function test_a_finding_keeps_its_number_as_long_as_it_stays_the_same(): void
    {
        $find = fn (string $text): Finding => Findings::in(Reading::of(Blueprint::fromScript("app A\nscreen S\n  Text \"$text\"".self::RELEASE)))[0];

        self::assertSame($find('{x}')->id(), $find('{x}')->id());
        self::assertNotSame($find('{x}')->id(), $find('{y}')->id());
    }

    public function test_what_blocks_comes_first(): void
    {
        $blocks = array_map(
            fn (Finding $f): bool => $f->blocks,
            Findings::in(Reading::of(Blueprint::fromScript("app A\nscreen S\n  Button \"x\"\n  Text \"{x}\"\n"))),
        );

        self::assertContains(true, $blocks);
        self::assertContains(false, $blocks);
        $sorted = $blocks;
        rsort($sorted);
        self::assertSame($sorted, $blocks);
    }
}
