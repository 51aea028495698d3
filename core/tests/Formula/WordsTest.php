<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Wording\InWords;
use Lanai\Core\Wording\Picks;
use Lanai\Core\Wording\Trace;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Formulas for people who do not read formulas. */
final class WordsTest extends TestCase
{
    #[TestWith(['starts > now() and places > 0', 'Starts is after now and Places is more than 0'])]
    #[TestWith(['spot.name == "x" or not any(bookings)', 'Spot’s Name is “x” or there are no Bookings'])]
    #[TestWith(['count(bookings, person == me) >= 2', 'how many Bookings where Person is me is at least 2'])]
    #[TestWith(['host == null', 'Host is empty'])]
    #[TestWith(['kitFee * 2', 'Kit fee times 2'])]
    #[TestWith(['starts < 2026-12-24 07:30', 'Starts is before 2026-12-24 07:30'])]
    #[TestWith(['starts == at(day(now()), 07:30)', 'Starts is the day of now at 07:30'])]
    #[TestWith(['minutes(45)', '45 minutes'])]
    #[TestWith(['relative(starts)', 'how far away Starts is'])]
    #[TestWith(['sum(swims, places)', 'the sum of Places over all Swims'])]
    #[TestWith(['me in bookings.person', 'me is one of Bookings’s Person'])]
    public function test_a_formula_is_said_in_the_founders_words(string $formula, string $words): void
    {
        self::assertSame($words, InWords::of(Formula::of($formula), $this->scope()));
    }

    #[TestWith(['starts > now() and places > 0'])]
    #[TestWith(['spot.name contains "x" or places == 3'])]
    #[TestWith(['any(bookings) and host != null'])]
    #[TestWith(['not any(bookings)'])]
    #[TestWith(['count(bookings) >= 2'])]
    #[TestWith(['title == "say \"hi\""'])]
    public function test_a_condition_is_taken_apart_and_put_together_again(string $formula): void
    {
        $picks = Picks::read(Formula::of($formula)) ?? self::fail('It was not taken apart.');

        self::assertSame($formula, Picks::write($picks['join'], $picks['parts']));
    }

    #[TestWith(['(places > 1 or places < 0) and title == "x"'])]
    #[TestWith(['length(title) > 3'])]
    #[TestWith(['not (places > 3)'])]
    public function test_what_is_more_than_comparisons_is_left_to_writing(string $formula): void
    {
        self::assertNull(Picks::read(Formula::of($formula)));
    }

    /** Whatever can be pointed at makes a formula of the right type. */
    public function test_everything_that_can_be_pointed_at_makes_a_condition(): void
    {
        $made = 0;
        $scope = $this->scope();
        foreach (Picks::things($scope) as $thing) {
            self::assertNotSame($thing['text'], '');
            foreach (array_keys($thing['comparisons']) as $is) {
                $values = Picks::needsValue($is) ? array_column($thing['values'], 'text') : [''];
                foreach (array_slice($values, 0, 3) as $value) {
                    $formula = Picks::write('and', [['thing' => $thing['text'], 'is' => $is, 'value' => $value]]);
                    self::assertSame('yes or no', Formula::of($formula)->typeIn($scope)->inWords(), $formula);
                    $made++;
                }
            }
        }
        self::assertGreaterThan(100, $made);
    }

    public function test_a_result_comes_with_the_value_of_each_part(): void
    {
        $world = World::saltlark();
        $spot = $world->add('Spots', ['name' => 'Cove', 'water' => 15.5]);
        $swim = $world->add('Swims', ['title' => 'Dip', 'spot' => $spot, 'places' => 3]);
        $world->add('Bookings', ['swim' => $swim, 'name' => 'Ada']);
        $row = $world->store->byIds($world->blueprint->table('Swims') ?? self::fail('Swims'), [$swim])[$swim];
        $trace = Trace::of(
            Formula::of('places - count(bookings) > 1 and spot.water > 20'),
            $this->scope(),
            new Evaluation(World::moment(), new Reader($world->store), ['this' => $row], [], $row),
        );

        self::assertSame(
            [
                'Places' => '3',
                'Bookings' => '1 of them: Ada',
                'how many Bookings' => '1',
                'Places minus how many Bookings' => '2',
                'Places minus how many Bookings is more than 1' => 'yes',
                'Spot’s Water' => '15.5',
                'Spot’s Water is more than 20' => 'no',
                'Places minus how many Bookings is more than 1 and Spot’s Water is more than 20' => 'no',
            ],
            array_column($trace, 'value', 'words'),
        );
    }

    private function scope(): Scope
    {
        $blueprint = World::saltlark()->blueprint;

        return Scope::of($blueprint)->inRow($blueprint->table('Swims'));
    }
}
