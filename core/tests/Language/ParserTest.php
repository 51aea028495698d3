<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Language;

use Lanai\Core\Language\ScriptMistake;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ParserTest extends TestCase
{
    /** @return iterable<string, array{string, int, int, string}> */
    public static function mistakes(): iterable
    {
        yield 'no app' => ['', 1, 1, '“app” and its name'];
        yield 'an unknown line' => ["app A\nscreen S\n  Headline \"x\"", 3, 3, '“Heading”'];
        yield 'a text without quotes' => ["app A\nscreen S\n  Heading x", 3, 11, 'a text in quotes'];
        yield 'a type that is none' => ["app A\ntable T, each a U\n  F is a smell", 3, 5, '“is a text”'];
        yield 'words after the end' => ["app A\nscreen S\n  Heading \"x\" big", 3, 15, 'the end of the line'];
        yield 'an effect that is none' => ["app A\nscreen S\n  Button \"x\"\n    tapped:\n      dance", 5, 7, '“go to”'];
        yield 'a number out of range' => ["app A\nrelease\n  build number is 0", 3, 19, 'a whole number from 1 to 2100000000'];
        yield 'a colour that is none' => ["app A\ntheme\n  text is #12", 3, 11, 'a colour such as #0B6E5F'];
    }

    #[DataProvider('mistakes')]
    public function test_a_mistake_has_a_line_a_column_and_what_was_expected(string $script, int $line, int $column, string $expected): void
    {
        try {
            Blueprint::fromScript($script);
            self::fail('It was read.');
        } catch (ScriptMistake $mistake) {
            self::assertSame([$line, $column], [$mistake->scriptLine, $mistake->column], $mistake->getMessage());
            self::assertContains($expected, $mistake->expected);
        }
    }

    public function test_small_variations_are_read_and_printed_the_one_way(): void
    {
        $written =
            "APP Tides\n\n# a note\nscreen Start, titled \"Hi\", first\n\tlist of Spots, AS cards by Name downward\n\tbutton \"Go\"\n"
                ."\t\ttapped: GO BACK\nTable Spots, each an Spot\n  Name is text, required\n";

        self::assertSame(
            "app Tides\n\ntable Spots, each a Spot\n  Name is a text, required\n\nscreen Start, first, titled \"Hi\"\n"
                ."  List of Spots, by Name downward, as cards\n  Button \"Go\"\n    tapped:\n      go back\n",
            Blueprint::fromScript($written)->script(),
        );
    }

    public function test_a_blank_that_is_not_filled_stays_so(): void
    {
        $script = "app A\n\nscreen S\n  List of ___ where ___\n  Picture of ___\n";

        self::assertSame($script, Blueprint::fromScript($script)->script());
    }

    #[TestWith(['where starts is still to come, by Starts, soonest first', 'where starts is still to come, by Starts upward'])]
    #[TestWith([', by Title, A to Z then Starts, latest first, as cards', ', by Title upward then Starts downward, as cards'])]
    #[TestWith([', by Places, Largest  First', ', by Places downward'])]
    public function test_what_people_say_of_an_order_is_read(string $said, string $kept): void
    {
        $script =
            "app A\n\ntable Swims, each a Swim\n  Title is a text\n  Starts is a date and time\n  Places is a whole number\n\nscreen S\n  List of Swims";
        $read = Blueprint::fromScript($script.($said[0] === ',' ? '' : ' ').$said)->script();

        self::assertStringEndsWith('List of Swims'.($kept[0] === ',' ? '' : ' ').$kept."\n", $read);
    }
}
