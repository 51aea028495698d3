<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Money;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Formulas over several rows: links to many, the other end of links, whole tables. */
final class ListsTest extends TestCase
{
    private const SCRIPT = "app A\ntable People, each a Person, who sign in\n  Name is a text\ntable Swims, each a Swim\n  Title is a text\n"
        ."  Places is a whole number\n  Host is one Person\n  Helper is one Person\n  Swimmers are many People\n  Left = places - count(swimmers)\n"
            ."  Again = left * 2\ntable Bookings, each a Booking\n  Swim is one Swim\n  Paid is money in EUR\n  Seats is a whole number\n";

    /** @return iterable<array{string, string}> */
    #[TestWith(['count(swimmers)', 'a whole number'])]
    #[TestWith(['swimmers.name', 'several values'])]
    #[TestWith(['sum(bookings.paid)', 'money in EUR'])]
    #[TestWith(['average(bookings, seats)', 'a number'])]
    #[TestWith(['average(bookings, paid * seats)', 'money in EUR'])]
    #[TestWith(['first(swimmers).name', 'a text'])]
    #[TestWith(['where(bookings, seats > places)', 'several rows of Booking'])]
    #[TestWith(['first(where(bookings, seats > 1)).swim.host', 'a Person'])]
    #[TestWith(['host.swimsByHost', 'several rows of Swim'])]
    #[TestWith(['host.swimsBySwimmers', 'several rows of Swim'])]
    #[TestWith(['any(people, this == host)', 'yes or no'])]
    #[TestWith(['join(swimmers.name, " + ")', 'a text'])]
    #[TestWith(['me in swimmers', 'yes or no'])]
    #[TestWith(['again', 'a whole number'])]
    public function test_the_type_of_a_formula_over_lists_is_known(string $formula, string $type): void
    {
        self::assertSame($type, Formula::of($formula)->typeIn($this->scope())->inWords());
    }

    #[TestWith(['sum(bookings)', 'sum() cannot be made of a Booking.', ''])]
    #[TestWith(['every(bookings)', 'every() needs a formula about each of them, after a comma.', ''])]
    #[TestWith(['where(bookings, seats)', 'where() needs something that is true or not of each, but this is a whole number.', ''])]
    #[TestWith(['count(places)', 'count() works over several values, but this is a whole number.', ''])]
    #[TestWith(['swimmers == me', '“==” compares several rows of Person with a Person; these are never alike.', 'first(swimmers) == me'])]
    #[TestWith(['bookings.seats + 1', '“+” needs a number, but “bookings.seats” is several values.', 'first(bookings.seats) + 1'])]
    #[TestWith(['sum(bookings.paid) > 5', '“>” compares money in EUR with a whole number; these are never alike.', ''])]
    #[TestWith(['bokings', 'There is nothing called “bokings” here. Did you mean “bookings”?', 'bookings'])]
    #[TestWith(['places + title', '“+” needs a number, but “title” is a text.', 'places + number(title)'])]
    public function test_mistakes_over_lists_are_named_and_mended(string $formula, string $sentence, string $mended): void
    {
        try {
            Formula::of($formula)->typeIn($this->scope());
            self::fail('It has a type.');
        } catch (FormulaMistake $mistake) {
            self::assertSame([$sentence, $mended], [$mistake->getMessage(), (string) $mistake->mended]);
        }
    }

    public function test_lists_are_shown_on_a_screen_with_counts_from_the_query(): void
    {
        $world = World::of(
            self::SCRIPT.
                "screen S, first\n  List of Swims where left > 0, by Left downward\n    shows title as title\n"
                    ."    shows join(swimmers.name, \" and \") as note\n    shows sum(bookings, paid) as aside\n",
        );
        [$ada, $bo] = [$world->add('People', ['name' => 'Ada']), $world->add('People', ['name' => 'Bo'])];
        $dip = $world->add('Swims', ['title' => 'Dip', 'places' => 4, 'swimmers' => [$ada, $bo]]);
        $world->add('Swims', ['title' => 'Full', 'places' => 1, 'swimmers' => [$ada]]);
        $world->add('Swims', ['title' => 'Wide', 'places' => 9]);
        $world->add('Bookings', ['swim' => $dip, 'paid' => new Money(1250, 'EUR')]);
        $world->add('Bookings', ['swim' => $dip, 'paid' => new Money(50, 'EUR')]);

        self::assertSame(
            [['Wide', '', '€0.00'], ['Dip', 'Ada and Bo', '€13.00']],
            array_map(fn (array $i): array => [$i['title'], $i['note'], $i['aside']], $world->show()['nodes'][0]['items']),
        );
    }

    public function test_a_formula_field_that_leads_back_to_itself_has_no_value_and_a_finding_says_so(): void
    {
        $world = World::of(
            "app A\ntable T, each a U\n  Name is a text\n  One = two + 1\n  Two = one + 1\nscreen S, first\n  List of T\n    shows one as title\n",
        );
        $world->add('T', ['name' => 'x']);

        self::assertSame('', $world->show()['nodes'][0]['items'][0]['title']);
        self::assertContains(
            'One is computed from itself, so it never has a value.',
            array_map(fn (Finding $f): string => $f->sentence, Findings::in(Reading::of($world->blueprint))),
        );
    }

    #[TestWith(['/tables/2/name', 'Orders', ['sum(orders, seats)', 'first(orders).seats', 'count(host.swimsByHost)', 'any(orders, swim.places > seats)']])]
    #[
        TestWith([
            '/tables/2/fields/2/name',
            'Chairs',
            ['sum(bookings, chairs)', 'first(bookings).chairs', 'count(host.swimsByHost)', 'any(bookings, swim.places > chairs)'],
        ]),
    ]
    #[
        TestWith([
            '/tables/1/fields/2/name',
            'Guide',
            ['sum(bookings, seats)', 'first(bookings).seats', 'count(guide.swimsByGuide)', 'any(bookings, swim.places > seats)'],
        ]),
    ]
    #[TestWith(['/tables/1/name', 'Dips', ['sum(bookings, seats)', 'first(bookings).seats', 'count(host.dipsByHost)', 'any(bookings, swim.places > seats)']])]
    public function test_renames_reach_into_formulas_about_the_items_of_a_list(string $at, string $name, array $formulas): void
    {
        $script = self::SCRIPT;
        foreach (['sum(bookings, seats)', 'first(bookings).seats', 'count(host.swimsByHost)', 'any(bookings, swim.places > seats)'] as $i => $formula) {
            $script = str_replace('  Left =', "  F$i = $formula\n  Left =", $script);
        }
        $renamed = (new Fill($at, $name))->on(Blueprint::fromScript($script))->blueprint;

        self::assertSame($formulas, array_map(fn (int $i): ?string => $renamed->tables[1]->field("F$i")?->formula(), [0, 1, 2, 3]));
        self::assertSame([], array_filter(Findings::in(Reading::of($renamed)), fn (Finding $f): bool => $f->rule === 'UnknownName'));
    }

    private function scope(): Scope
    {
        $blueprint = Blueprint::fromScript(self::SCRIPT);

        return Scope::of($blueprint)->inRow($blueprint->table('Swims'));
    }
}
