<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Rows;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ConditionsTest extends TestCase
{
    #[TestWith(['starts > now()', '(starts > ?)', false])]
    #[TestWith(['now() < starts', '(? < starts)', false])]
    #[TestWith(['places == 3 and title != "x"', '((places == ?) and (title != ?))', false])]
    #[TestWith(['places == 3 or title == "x"', '((places == ?) or (title == ?))', false])]
    #[TestWith(['not (places > 1)', '(not (places > ?))', false])]
    #[TestWith(['this.places > 1', '(places > ?)', false])]
    #[TestWith(['places in [1, 2]', '((places == ?) or (places == ?))', false])]
    #[TestWith(['host == me', '?', false])]
    #[TestWith(['me == null', '?', false])]
    #[TestWith(['me != null and places > 1', '(? and (places > ?))', false])]
    #[TestWith(['spot.name == "x"', '(name of spot == ?)', false])]
    #[TestWith(['places + 1 > 2', '((places + ?) > ?)', false])]
    #[TestWith(['upper(title) == "X"', '(upper(title) == ?)', false])]
    #[TestWith(['count(bookings) > 1', '(count of Bookings > ?)', false])]
    #[TestWith(['any(bookings, person == me)', 'any of Bookings where ?', false])]
    #[TestWith(['me in bookings.person', 'any of Bookings where ((person != ?) and (person == ?))', false])]
    #[TestWith(['places > 1 and first(bookings) != null', '(places > ?)', true])]
    #[TestWith(['places > 1 or first(bookings) != null', '', true])]
    #[TestWith(['text(spot) == "x"', '', true])]
    public function test_what_the_query_can_decide_becomes_a_term_and_the_rest_stays(string $formula, string $condition, bool $rest): void
    {
        $world = World::saltlark();
        $swims = $world->blueprint->table('Swims') ?? self::fail('Swims');
        [$made, $left] = Conditions::of(
            Formula::of($formula),
            $swims,
            $world->blueprint,
            new Evaluation(World::moment(), new Reader($world->store), ['me' => null]),
        );

        self::assertSame([$condition, $rest], [$made === null ? '' : $this->written($made), $left]);
    }

    private function written(Term $term): string
    {
        $parts = array_map($this->written(...), $term->parts);

        return match ($term->kind) {
            'value' => '?',
            'column' => (string) $term->field?->column(),
            'lookup' => "$parts[1] of $parts[0]",
            'call' => "$term->name(".implode(', ', $parts).')',
            'among' => "$term->name of {$term->among?->table->name}".($term->among?->where === null ? '' : ' where '.$this->written($term->among->where)),
            default => $term->name === 'not' ? "(not $parts[0])" : '('.implode(" $term->name ", $parts).')',
        };
    }
}
