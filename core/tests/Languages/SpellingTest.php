<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Languages;

use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Template;
use Lanai\Core\Languages\Spelling;
use Lanai\Core\Languages\Translated;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\NoRows;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Words in formulas, spelled as words of a text, say the same. */
final class SpellingTest extends TestCase
{
    private const PIECES = [
        '"A word "',
        '"it\'s {odd} # \\"q\\""',
        'title',
        'places',
        'water',
        'plural(places, "it\'s a place", "places {x}")',
        'plural(places + 1, "#", "more")',
        '(open ? "yes, it is" : "no: it\'s not")',
        '(open ? "a" : "b")',
        'coalesce(title, "none, {so far}")',
        '(title ~ "x")',
        'places * 2',
        'upper("b ~ c")',
        '(title == "a" ? "same" : "other")',
    ];

    public function test_a_formula_and_the_text_that_is_made_of_it_say_the_same(): void
    {
        $chance = new Randomizer(new Mt19937(7));
        [$compared, $spelled] = [0, 0];
        for ($n = 0; $n < 3000; $n++) {
            $formula = implode(' ~ ', array_map(fn (): string => self::PIECES[$chance->getInt(0, count(self::PIECES) - 1)], range(1, $chance->getInt(1, 4))));
            $names = [
                'title' => [null, 'a', 'it', ''][$chance->getInt(0, 3)],
                'places' => [null, 0, 1, 5][$chance->getInt(0, 3)],
                'water' => [null, 1.5][$chance->getInt(0, 1)],
                'open' => [null, true, false][$chance->getInt(0, 2)],
            ];
            $evaluation = new Evaluation(World::moment(), new NoRows(), $names);
            $said = 'Say: {'.$formula.'}!';
            self::assertSame($evaluation->text(Template::of($said)), $evaluation->text(Template::of(Spelling::text($said))), $formula);
            $text = Spelling::formula($formula);
            $value = $evaluation->of(Formula::of($formula));
            if ($text !== null && $value !== null) {
                self::assertSame(Formats::show($value, World::moment()), $evaluation->text(Template::of($text)), "$formula as $text");
                $spelled++;
            }
            $compared++;
        }
        self::assertSame(3000, $compared);
        self::assertGreaterThan(800, $spelled);
    }

    #[TestWith(['"Number " ~ number', 'Number {number}'])]
    #[TestWith(['plural(count(comments), "answer", "answers")', '{count(comments), plural, one {# answer} other {# answers}}'])]
    #[TestWith(['open ? "yes" : "no"', '{open, select, yes {yes} other {no}}'])]
    #[TestWith(['coalesce(author.name, "Somebody")', '{author.name, select, none {Somebody} other {{author.name}}}'])]
    #[TestWith(['title', null])]
    #[TestWith(['upper(title)', null])]
    #[TestWith(['max("a", "b")', null])]
    public function test_what_translators_see_of_a_formula(string $formula, ?string $text): void
    {
        self::assertSame($text, Spelling::formula($formula));
    }

    /** Options may be called whatever they like. */
    public function test_options_with_odd_names_are_shown_by_their_own_words(): void
    {
        $options = ['other', 'none', 'not yet', 'yes', "it's", 'a,b', 'plural', '1st'];
        $sentences = implode("\n", array_map(fn (string $option, int $n): string => '  for "'.$option.'" say "W'.$n.'"', $options, array_keys($options)));
        $app = Blueprint::fromScript("app A\n\ntable Ts, each a T\n  State is one of \"".implode('", "', $options)."\"\n\n"
            ."screen Start, first, about one T\n  Text \"Is {t.state}.\"\n\nlanguage German\n$sentences\n\nrelease\n");
        $row = fn (?string $state): array => ['t' => new Row($app->tables[0], 1, ['state' => $state])];
        $german = Translated::into($app, 'de')->of($app);
        $text = $german->data()['screens'][0]['lines'][0]['text'];

        foreach ($options as $n => $option) {
            $evaluation = new Evaluation(World::moment(), new Reader(new InMemoryRecordStore($app)), $row($option));
            self::assertSame("Is W$n.", $evaluation->text(Template::of($text)), $option);
            self::assertSame("W$n", $german->shown($option, 'Ts'));
        }
        $evaluation = new Evaluation(World::moment(), new Reader(new InMemoryRecordStore($app)), $row(null));
        self::assertSame('Is .', $evaluation->text(Template::of($text)));
    }
}
