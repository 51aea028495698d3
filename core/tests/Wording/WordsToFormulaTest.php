<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Wording;

use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Wording\InWords;
use Lanai\Core\Wording\Picks;
use Lanai\Core\Wording\WordsToFormula;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Whatever is said of a condition in words is read again. */
final class WordsToFormulaTest extends TestCase
{
    #[TestWith(['Host is me', 'host == me'])]
    #[TestWith(['places is at least 3 and title is filled in', 'places >= 3 and title != null'])]
    #[TestWith(['Starts is after now or Starts is empty', 'starts > now() or starts == null'])]
    #[TestWith(['Title contains “Dawn is here”', 'title contains "Dawn is here"'])]
    #[TestWith(['Title is "Host is me"', 'title == "Host is me"'])]
    #[TestWith(['Spot’s Water is more than 12 and Kit fee is less than 5 EUR', 'spot.water > 12 and kitFee < 5 EUR'])]
    #[TestWith(['how many Bookings is more than 2', 'count(bookings) > 2'])]
    #[TestWith(['there are no Bookings', 'not any(bookings)'])]
    #[TestWith(['Starts is no earlier than the start of today', 'starts >= today()'])]
    #[TestWith(['places > 3', null])]
    #[TestWith(['Nonsense is me', null])]
    #[TestWith(['', null])]
    public function test_words_become_a_formula(string $words, ?string $formula): void
    {
        self::assertSame($formula, WordsToFormula::formula($words, $this->scope()));
    }

    public function test_what_speaks_of_all_rows_reads_as_one_would_say_it_and_what_stands_around_a_list_keeps_its_name(): void
    {
        $blueprint = World::of(
            "app A\ntable People, each a Person, who sign in\n  Name is a text\ntable Posts, each a Post\n  Author is one Person\n"
                ."table Blocks, each a Block\n  Blocker is one Person\n  Blocked is one Person\n"
                ."table Swims, each a Swim\n  Places is a whole number\nscreen S\n",
        )->blueprint;
        $scope = Scope::of($blueprint)->with(['me' => Type::row('Person')])->inRow($blueprint->tables[1]);
        foreach ([
            'any(blocks, blocker == me and blocked == author)' => 'there are any Blocks where Blocker is me and Blocked is the Post’s Author',
            'not any(swims)' => 'there are no Swims',
            'count(swims)' => 'how many Swims',
            'every(swims, places > 0)' => 'for all Swims, Places is more than 0',
        ] as $formula => $words) {
            self::assertSame($words, InWords::of(Formula::of($formula), $scope));
        }
        self::assertSame('not any(swims)', WordsToFormula::formula('there are no Swims', $scope));
    }

    public function test_yes_and_no_are_read(): void
    {
        $blueprint = World::of("app A\ntable Doors, each a Door\n  Wide open is yes or no\n  No is a text\nscreen S\n")->blueprint;
        $scope = Scope::of($blueprint)->inRow($blueprint->tables[0]);

        self::assertSame(
            ['not wideOpen', 'wideOpen', 'wideOpen == true', 'no == "4" and not wideOpen'],
            array_map(fn (string $w): ?string => WordsToFormula::formula($w, $scope), [
                'Wide open is no',
                'wide open is yes',
                'Wide open == yes',
                'No is “4” and Wide open is no',
            ]),
        );
    }

    /** Of each table of the demo, each comparison that can be pointed at, said in words and read again. */
    public function test_what_can_be_pointed_at_is_read_from_its_words(): void
    {
        $blueprint = World::saltlark()->blueprint;
        $tried = 0;
        foreach ($blueprint->tables as $table) {
            $scope = Scope::of($blueprint)
                ->with(['me' => Type::row('Person')])
                ->inRow($table);
            foreach (Picks::things($scope) as $thing) {
                foreach (array_keys($thing['comparisons']) as $is) {
                    $values = Picks::needsValue($is) ? array_slice(array_column($thing['values'], 'text'), 0, 3) : [''];
                    foreach ($values as $value) {
                        $formula = Picks::write('and', [['thing' => $thing['text'], 'is' => $is, 'value' => $value]]);
                        $words = InWords::of(Formula::of($formula), $scope);
                        $read = WordsToFormula::formula($words, $scope) ?? $words;
                        self::assertSame($words, InWords::of(Formula::of($read), $scope), "$table->name: $formula");
                        $tried++;
                    }
                }
            }
        }
        self::assertGreaterThan(500, $tried);
    }

    public function test_a_blank_takes_words_and_long_texts(): void
    {
        $blueprint = World::saltlark()->blueprint;
        $edited = (new Fill('/screens/0/lines/2/where', 'Starts is after now and Places is at least 2'))->on($blueprint);
        self::assertStringContainsString('where starts > now() and places >= 2', $edited->blueprint->script());
        $text = str_repeat('"\\ a', 60_000);
        $filled = (new Fill('/screens/0/lines/1/text', \Lanai\Core\Language\Cursor::quote($text)))->on($blueprint);
        self::assertSame($text, $filled->blueprint->screens[0]->lines()[1]->text);
    }

    private function scope(): Scope
    {
        $blueprint = World::saltlark()->blueprint;

        return Scope::of($blueprint)
            ->with(['me' => Type::row('Person')])
            ->inRow($blueprint->table('Swims'));
    }
}
