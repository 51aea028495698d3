<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Release;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Edits;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\StorePicture;
use Lanai\Core\Release\PictureChoice;
use Lanai\Core\Release\PictureSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PicturesTest extends TestCase
{
    private const APP = <<<'APP'
    app Kelp
    sign-in at Door
      with e-mail and password
    table Beds, each a Bed
      Name is a text
    table People, each a Person, who sign in
      Name is a text
    screen Door
      Input Mail is an e-mail address
    screen Nothing
    screen Beds, first
      List of Beds
        shows name as title
        tapped: go to Bed with this
    screen Bed, about one Bed
      Text "{bed.name}"
    screen About
      Text "About"
    tab About as "About"
    tab Beds as "Beds"
    APP;

    public function test_what_is_proposed_is_what_an_app_opens_with_its_tabs_and_what_its_lists_lead_to(): void
    {
        $blueprint = Blueprint::fromScript(self::APP);
        // Neither the page to sign in on nor one with nothing on it.
        self::assertSame(['Beds', 'About', 'Bed'], array_column(PictureChoice::of($blueprint), 'screen'));
        $many = self::APP.implode('', array_map(fn (int $n): string => "\nscreen More $n\n  Text \"$n\"", range(1, 9)));
        self::assertCount(5, PictureChoice::proposed(Blueprint::fromScript($many)));
        self::assertSame([], PictureChoice::of(Blueprint::fromScript("app Empty\nscreen Start, first")));
    }

    public function test_what_was_said_goes_before_what_is_proposed_and_reads_as_it_was_written(): void
    {
        $said = self::APP."\n\nstore picture of Bed, about \"Inner bed\", seen by \"Ada, a diver\", saying \"All “beds” near you\"";
        $blueprint = Blueprint::fromScript($said);
        self::assertEquals([new StorePicture('Bed', 'Inner bed', 'Ada, a diver', 'All “beds” near you')], PictureChoice::of($blueprint));
        self::assertSame($blueprint->script(), Blueprint::fromScript($blueprint->script())->script());
        // What stands above a picture is said in each language; whom and what it shows is not.
        $texts = array_column(AppTexts::of($blueprint), 'source', 'at');
        self::assertSame('All “beds” near you', $texts['/pictures/0/caption']);
        self::assertSame([], array_intersect(['Inner bed', 'Ada, a diver'], $texts));
    }

    public function test_those_that_are_proposed_become_sentences_once(): void
    {
        $edit = Edits::read(['do' => 'choosePictures']);
        $made = $edit->on(Blueprint::fromScript(self::APP))->blueprint;
        self::assertStringEndsWith("store picture of Beds\n\nstore picture of About\n\nstore picture of Bed\n", $made->script());
        foreach ([$made, Blueprint::fromScript("app Empty\nscreen Start, first")] as $refused) {
            try {
                $edit->on($refused);
                self::fail('It was done.');
            } catch (EditRefused $why) {
                self::assertStringEndsWith('.', $why->getMessage());
            }
        }
    }

    /** From memory: no side of an Android picture is longer than twice the other, and all are between 320 and 3840 pixels. */
    public function test_sizes_are_such_as_stores_take(): void
    {
        foreach (PictureSize::cases() as $size) {
            [$width, $height] = $size->pixels();
            self::assertSame([0, 0], [$width % $size->scale(), $height % $size->scale()], 'A size is whole in dp.');
            self::assertGreaterThanOrEqual(320, min($width, $height));
            self::assertLessThanOrEqual(3840, max($width, $height));
            self::assertTrue($size->store() === 'pier' || $size->isBanner() || $height <= 2 * $width, $size->value);
        }
        self::assertSame([1024, 500], PictureSize::QuayFeature->pixels());
    }

    /** @return iterable<string, array{string, string, string|null}> what is said besides, what is found, and what stands there once it was mended */
    public static function faults(): iterable
    {
        $two = "\nstore picture of About\nstore picture of Beds";
        yield 'one alone' => ["\nstore picture of Beds", 'Stores want two pictures at least, and one is said.', null];
        yield 'too many' => [str_repeat("\nstore picture of Beds", 9), 'Stores take 8 pictures at most, and 9 are said.', null];
        yield 'a row of a screen that has none' => [
            "$two, about \"Inner bed\"", '“Beds” is about nothing that could be “Inner bed”.', "store picture of About\n\nstore picture of Beds\n",
        ];
        yield 'words that nobody can read' => [
            "$two, saying \"".str_repeat('seaweed ', 8).'"',
            'The words above this picture have 64 characters. More than 60 are too small to be read in a store.',
            null,
        ];
        yield 'words of the title' => [
            "\nrelease\n  title is \"Kelp: under water\"\n  people search for \"kelp, sea, diving, Sea\"",
            '“kelp”, “Sea” is among the words by which people search, and was said already: stores find the title by itself.',
            'people search for "sea, diving"',
        ];
        yield 'too many words' => [
            "\nrelease\n  people search for \"".implode(', ', array_map(fn (int $n): string => "seaweed$n", range(10, 20))).'"',
            'The words by which people search have 119 characters; stores take at most 100.',
            'people search for "seaweed10, seaweed11, seaweed12, seaweed13, seaweed14, seaweed15, seaweed16, seaweed17, seaweed18"',
        ];
        yield 'too many words in another language' => [
            "\nlanguage German\n  for \"sea, diving\" say \"".str_repeat('Unterwasserwelt', 7)."\"\nrelease\n  people search for \"sea, diving\"",
            'The words by which people search in German have 105 characters; stores take at most 100.',
            null,
        ];
    }

    #[DataProvider('faults')]
    public function test_what_stores_do_not_take_is_found(string $said, string $sentence, ?string $mended): void
    {
        $blueprint = Blueprint::fromScript(self::APP.$said);
        $found = self::found($blueprint);
        self::assertSame([$sentence], array_column($found, 'sentence'));
        if ($mended === null) {
            self::assertNull($found[0]->mend);

            return;
        }
        $after = Blueprint::fromData((new Patch($found[0]->mend->operations))->applyTo($blueprint->data()));
        self::assertStringContainsString($mended, $after->script());
        self::assertSame([], self::found($after));
    }

    public function test_what_is_as_it_should_be_is_not_spoken_of(): void
    {
        $said = "\nlanguage German\n  for \"sea, diving\" say \"Meer, Tauchen\"\nrelease\n  people search for \"sea, diving\"";
        self::assertSame([], self::found(Blueprint::fromScript(self::APP."$said\nstore picture of Bed, about \"Inner bed\"\nstore picture of Beds")));
    }

    /** @return list<Finding> */
    private static function found(Blueprint $blueprint): array
    {
        $rules = ['PictureOfNothing', 'SearchWords'];

        return array_values(array_filter(Findings::in(Reading::of($blueprint)), fn (Finding $finding): bool => in_array($finding->rule, $rules, true)));
    }
}
