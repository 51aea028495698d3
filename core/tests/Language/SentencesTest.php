<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Language;

use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Printer;
use Lanai\Core\Language\ScriptMistake;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every new sentence as people write it, and as the script writes it back. */
final class SentencesTest extends TestCase
{
    /** @return iterable<string, array{string, string}> written; as the script has it */
    public static function lines(): iterable
    {
        foreach (
            [
                ['chart of Jars, by name, adding up spoons, as a ring', 'Chart of Jars, by name, adding up spoons, as a ring'],
                ['Chart of Jars of shelf where spoons > 1, by name', 'Chart of Jars of shelf where spoons > 1, by name'],
                ['text "a", in the middle, small, with emphasis', 'Text "a", with emphasis, small, in the middle'],
                ['PICTURE OF jar.photo, SHAPED a banner, at height 120dp', 'Picture of jar.photo, shaped a banner, at height 120 dp'],
                ['Button "a", only on tablets, enabled if x > 1, if y', 'Button "a", if y, enabled if x > 1, only on tablets'],
                ['Button "a", pinned to the bottom, at a distance of 8', 'Button "a", pinned to the bottom, at a distance of 8'],
                ['Text "a", at width 50%, on tablets at width 33 %', 'Text "a", at width 50 %, on tablets at width 33 %'],
                ['Card, at width content', 'Card, at width content'],
                ['Columns wrapping', 'Columns, wrapping'],
                ['Fold "a", open at first', 'Fold "a", open at first'],
                ['Repeat for each of where(jars, spoons > 1), if x', 'Repeat for each of where(jars, spoons > 1), if x'],
                ['Piece Jar head with jar, "b"', 'Piece Jar head with jar, "b"'],
                [
                    'List of Jars, offering order by Name or Spoons, offering a choice of Kind and Shelf, as a conversation, own where by == me',
                    'List of Jars, as a conversation, own where by == me, offering order by Name or Spoons, offering a choice of Kind and Shelf',
                ],
                ['List of Jars, under headings of kind', 'List of Jars, under headings of kind'],
                ['Icon button heart described as "Like", marked', 'Icon button heart, described as "Like", marked'],
                ['Floating button "New" with icon plus', 'Floating button "New" with icon plus'],
                [
                    'Input Name is a text of at most 9, help "b", valid if length(input.name) > 2, otherwise say "c"',
                    'Input Name is a text of at most 9, help "b", valid if length(input.name) > 2, otherwise say "c"',
                ],
                [
                    'Form for a new Jar asking Height, Width, High, one question at a time',
                    'Form for a new Jar asking Height, Width, High, one question at a time',
                ],
                ['Map of jar.lies, saying "b"', 'Map of jar.lies, saying "b"'],
                ['Web page at "https://example.org", called "b"', 'Web page at "https://example.org", called "b"'],
            ] as [$written, $script]
        ) {
            yield $written => [$written, $script];
        }
    }

    #[DataProvider('lines')]
    public function test_a_line_is_read_and_written(string $written, string $script): void
    {
        self::assertSame($script, $this->round($written, Families::of(AnyLine::class)));
        self::assertSame($script, $this->round($script, Families::of(AnyLine::class)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function effects(): iterable
    {
        foreach (
            [
                ['put me into swim.swimmers', 'put me into swim.swimmers'],
                ['take this out of me.favourites', 'take this out of me.favourites'],
                ['set value Unit to if(app.unit == "km", "mi", "km")', 'set value Unit to if(app.unit == "km", "mi", "km")'],
                ['for each of jar.spoons', 'for each of jar.spoons'],
                ['ask "How many?" for Count is a whole number from 1 to 5', 'ask "How many?" for Count is a whole number from 1 to 5'],
                ['Do Join with swim, input.name ?? "x", after hours(2)', 'do Join with swim, input.name ?? "x", after hours(2)'],
                ['remove all of where(jars, spoons == 0)', 'remove all of where(jars, spoons == 0)'],
                ['change all of jars', 'change all of jars'],
                ['wait 3 second', 'wait 3 seconds'],
                ['mail to person.mail about "Hello, {me.name}"', 'mail to person.mail about "Hello, {me.name}"'],
                ['show on a map spot.lies', 'show on a map spot.lies'],
                ['open sheet "My choices"', 'open sheet My choices'],
                ['Close the sheet', 'close the sheet'],
                ['open "https://example.org"', 'open "https://example.org"'],
                ['call person.phone', 'call person.phone'],
            ] as [$written, $script]
        ) {
            yield $written => [$written, $script];
        }
    }

    #[DataProvider('effects')]
    public function test_an_effect_is_read_and_written(string $written, string $script): void
    {
        self::assertSame($script, $this->round($written, Families::of(AnyEffect::class)));
        self::assertSame($script, $this->round($script, Families::of(AnyEffect::class)));
    }

    /** @return iterable<string, array{string, string}> a sentence that cannot be read; words of the answer */
    public static function mistakes(): iterable
    {
        yield 'a width of more than all' => ['Text "a", at width 120 %', 'a size such as 120 dp, 50 % or content'];
        yield 'a shape that there is not' => ['Picture of x, shaped oval', 'wide'];
        yield 'a device that there is not' => ['Text "a", only on watches', 'phones'];
        yield 'an edge that there is not' => ['Text "a", pinned to the side', 'top'];
        yield 'a chart of another form' => ['Chart of Jars, as a pie', 'bars'];
    }

    #[DataProvider('mistakes')]
    public function test_what_cannot_be_read_says_what_was_expected(string $written, string $words): void
    {
        $this->expectException(ScriptMistake::class);
        $this->expectExceptionMessage($words);

        $this->round($written, Families::of(AnyLine::class));
    }

    private function round(string $written, Family $family): string
    {
        $data = Parser::fragment($written, $family)[0];

        return Printer::node($data, $family->classOf($data));
    }
}
