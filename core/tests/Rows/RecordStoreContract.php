<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Rows;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\CompiledFormula;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Terms;
use Lanai\Core\Tests\Support\FormulaMaker;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What every RecordStore must do; each adapter's test uses it. */
trait RecordStoreContract
{
    private const SCRIPT = "app A\ntable Spots, each a Spot\n  Name is a text\ntable Swims, each a Swim\n  Title is a text\n"
        ."  Places is a whole number\n  Water is a decimal\n  Open is yes or no\n  Starts is a date and time\n  Spot is one Spot\n  Day is a date\n"
            ."  Fee is money in EUR\n  Length is a duration\n  Tags are any of \"sea\", \"lake\"\n  Guests are many Guests\n"
                ."  Left = places - count(guests)\n  Total = sum(bookings, seats)\ntable Guests, each a Guest\n  Name is a text\n"
                    ."  Age is a whole number\ntable Bookings, each a Booking\n  Swim is one Swim\n  Seats is a whole number\n"
                        ."  Paid is money in EUR\n  Done is yes or no\n";

    abstract protected function store(Blueprint $blueprint): RecordStore;

    public function test_rows_come_back_with_their_types(): void
    {
        [$store, $swims, $spots] = $this->open();
        $spot = $store->add($spots, ['name' => 'Cove']);
        $guests = $store->blueprint()->tables[2];
        $guest = $store->add($guests, ['name' => 'Ada']);
        $at = World::moment()->now;
        $values = [
            'title' => 'Zoë’s',
            'places' => 3,
            'water' => 15.5,
            'open' => false,
            'starts' => $at,
            'spot' => $spot,
            'day' => Day::of('2026-12-24'),
            'fee' => new Money(1250, 'EUR'),
            'length' => new Duration(5400),
            'tags' => ['sea', 'lake'],
            'guests' => [$guest],
        ];
        $id = $store->add($swims, $values);

        self::assertEquals($values, $store->byIds($swims, [$id])[$id]->values);
    }

    public function test_rows_are_filtered_sorted_and_limited(): void
    {
        [$store, $swims] = $this->open();
        $ids = array_map(fn (?int $places): int => $store->add($swims, ['title' => 'x', 'places' => $places]), [3, null, 1, 2]);
        $field = $this->field($swims, 'Places');
        $found = fn (Query $q): array => array_map(fn (Row $r): int => (int) array_search($r->id, $ids, true), $store->rows($q));
        $above = Term::operator('>', Type::of(Kind::YesNo), Term::column(0, $field), Term::value(1, Type::of(Kind::Whole)));

        self::assertSame([1, 2, 3, 0], $found(new Query($swims, null, [Sort::by($field)])));
        self::assertSame([0, 3], $found(new Query($swims, null, [Sort::by($field, false)], 2)));
        self::assertSame([0, 3], $found(new Query($swims, $above)));
        self::assertSame([1, 2], $found(new Query($swims, Term::operator('not', Type::of(Kind::YesNo), $above))));
        self::assertSame(2, $store->count(new Query($swims, $above, [], 1)));
    }

    /** Whatever the order, pages that each begin after the last row of the one before give every row once. */
    public function test_pages_by_key_give_every_row_once_and_in_order(): void
    {
        [$store, $swims] = $this->open();
        foreach ([3, null, 1, 3, 2, null, 3, 1] as $i => $places) {
            $store->add($swims, ['title' => ['b', 'a', null, 'B'][$i % 4], 'places' => $places]);
        }
        foreach ([[], [['Places', true]], [['Places', false]], [['Title', true], ['Places', false]], [['Title', false], ['Places', true]]] as $keys) {
            $sorts = array_map(fn (array $k): Sort => Sort::by($this->field($swims, $k[0]), $k[1]), $keys);
            $all = array_map(fn (Row $r): int => $r->id, $store->rows(new Query($swims, null, $sorts)));
            $paged = [];
            $after = null;
            do {
                $page = $store->rows(new Query($swims, null, $sorts, 3, after: $after));
                foreach ($page as $row) {
                    $paged[] = $row->id;
                    $after = [...array_map(fn (array $k): mixed => StoredValue::plain($row->value($this->field($swims, $k[0]))), $keys), $row->id];
                }
            } while ($page !== []);

            self::assertSame($all, $paged, (string) json_encode($keys));
        }
    }

    public function test_texts_come_in_natural_order_whatever_their_case(): void
    {
        [$store, $swims] = $this->open();
        foreach (['item 10', 'Zoe', 'Item 9', 'eve', 'Éva', 'zoë', 'straße', 'Strand', '', 'Ärmel', 'item 09', null] as $i => $title) {
            $store->add($swims, ['title' => $title, 'places' => $i]);
        }
        $by = Sort::by($this->field($swims, 'Title'));
        $titles = fn (Query $q): array => array_map(fn (Row $r): mixed => $r->value($this->field($swims, 'Title')), $store->rows($q));
        $order = [null, '', 'Ärmel', 'Éva', 'eve', 'Item 9', 'item 09', 'item 10', 'Strand', 'straße', 'Zoe', 'zoë'];
        self::assertSame($order, $titles(new Query($swims, null, [$by])));
        self::assertSame(
            ['zoë', 'Zoe', 'straße', 'Strand', 'item 10'],
            array_slice($titles(new Query($swims, null, [Sort::by($this->field($swims, 'Title'), false)])), 0, 5),
        );

        $meet = function (string $formula) use ($store, $swims, $titles): array {
            $outer = new Evaluation(World::moment(), new Reader($store), []);

            return $titles(new Query($swims, Terms::of(Formula::of($formula), $swims, $store->blueprint(), $outer)));
        };
        self::assertSame(['straße'], $meet('title contains "RASSE"'));
        self::assertSame(['straße'], $meet('title starts with "STRASSE"'));
        self::assertSame(['Item 9', 'item 09'], $meet('title > "eve" and title < "ITEM 10"'));
        self::assertSame(['Zoe'], $meet('title == "Zoe"'));
        self::assertSame([], $meet('title == "ZOE"'));
        self::assertSame(['Item 9', 'item 09'], $meet('title >= "item 9" and title <= "item 9"'));
    }

    public function test_texts_are_searched_by_words_whatever_their_accents_and_case(): void
    {
        [$store, $swims] = $this->open();
        $ids = array_map(fn (string $title): int => $store->add($swims, ['title' => $title]), ['Zoë’s Morning dip', 'ZOE at noon', 'Straße am See', 'Łódź']);
        $found = fn (string $words): array => array_map(
            fn (Row $r): int => (int) array_search($r->id, $ids, true),
            $store->rows(new Query($swims, search: $words)),
        );

        self::assertSame([0, 1], $found('zoe'));
        self::assertSame([0], $found('MORN zoë'));
        self::assertSame([], $found('zoe evening'));
        self::assertSame([], $found('"'));
        self::assertSame([[2], [2]], [$found('STRASSE'), $found('straß')]);
        $store->change($swims, $ids[1], ['title' => 'Evening']);
        self::assertSame([[0], [1]], [$found('zoe'), $found('even')]);
        $store->remove($swims, $ids[0]);
        self::assertSame([], $found('zoe'));
    }

    public function test_rows_are_put_together_by_what_they_have_alike(): void
    {
        [$store, $swims] = $this->open();
        foreach ([['a', 1], ['b', 2], ['a', 4], [null, 8]] as [$title, $places]) {
            $store->add($swims, ['title' => $title, 'places' => $places, 'fee' => new Money(100 * $places, 'EUR')]);
        }
        $places = Term::column(0, $this->field($swims, 'Places'));
        $fee = Term::column(0, $this->field($swims, 'Fee'));
        $groups = $store->groups(
            new Query($swims),
            [Term::column(0, $this->field($swims, 'Title'))],
            ['places' => ['sum', $places], 'mean' => ['average', $places], 'most' => ['max', $fee]],
        );

        self::assertEquals(
            [
                ['by' => ['a'], 'count' => 2, 'of' => ['places' => 5, 'mean' => 2.5, 'most' => new Money(400, 'EUR')]],
                ['by' => [null], 'count' => 1, 'of' => ['places' => 8, 'mean' => 8.0, 'most' => new Money(800, 'EUR')]],
                ['by' => ['b'], 'count' => 1, 'of' => ['places' => 2, 'mean' => 2.0, 'most' => new Money(200, 'EUR')]],
            ],
            $groups,
        );
    }

    public function test_links_to_many_are_kept_right_at_both_ends(): void
    {
        [$store, $swims] = $this->open();
        $guests = $store->blueprint()->tables[2];
        [$ada, $bo] = [$store->add($guests, ['name' => 'Ada']), $store->add($guests, ['name' => 'Bo'])];
        $swim = $store->add($swims, ['title' => 'Dip', 'guests' => [$ada, $bo]]);
        $reader = fn (): Reader => new Reader($store);
        $names = fn (?array $rows): array => array_map(fn (Row $r): string => $r->label(), $rows ?? []);

        self::assertSame(['Ada', 'Bo'], $names($reader()->linked($store->byIds($swims, [$swim])[$swim], 'guests')));
        self::assertSame(['Dip'], $names($reader()->linked($store->byIds($guests, [$bo])[$bo], 'swims')));
        $store->change($swims, $swim, ['guests' => [$bo]]);
        self::assertSame([], $names($reader()->linked($store->byIds($guests, [$ada])[$ada], 'swims')));
        $store->remove($guests, $bo);
        self::assertSame(['Dip', null], [$store->byIds($swims, [$swim])[$swim]->values['title'], $store->byIds($swims, [$swim])[$swim]->values['guests']]);
    }

    public function test_a_row_changes_and_goes_and_links_to_it_become_empty(): void
    {
        [$store, $swims, $spots] = $this->open();
        $spot = $store->add($spots, ['name' => 'Cove']);
        $swim = $store->add($swims, ['title' => 'Dip', 'spot' => $spot]);

        self::assertTrue($store->change($swims, $swim, ['places' => 4]));
        self::assertFalse($store->change($swims, 999, ['places' => 4]));
        self::assertTrue($store->remove($spots, $spot));
        self::assertFalse($store->remove($spots, $spot));
        self::assertSame(['Dip', 4, null], array_map(fn (string $c): mixed => $store->byIds($swims, [$swim])[$swim]->values[$c], ['title', 'places', 'spot']));
    }

    public function test_what_throws_leaves_nothing_behind(): void
    {
        [$store, $swims] = $this->open();
        try {
            $store->together(function () use ($store, $swims): void {
                $store->add($swims, ['title' => 'Dip']);
                $store->keepAnswer('tap', ['say' => []]);
                throw new \DomainException('no');
            });
        } catch (\DomainException) {
        }

        self::assertSame([0, null], [$store->count(new Query($swims)), $store->answerTo('tap')]);
        $store->keepAnswer('tap', ['say' => ['yes']]);
        self::assertSame(['say' => ['yes']], $store->answerTo('tap'));
    }

    public function test_values_of_the_app_are_kept_for_each_person(): void
    {
        [$store] = $this->open();
        $store->keep(1, 'unit', 'km');
        $store->keep(2, 'unit', 'mi');
        $store->keep(1, 'unit', 'ft');
        try {
            $store->together(function () use ($store): void {
                $store->keep(1, 'unit', 'yd');
                throw new \DomainException('no');
            });
        } catch (\DomainException) {
        }

        self::assertSame(['ft', 'mi', null, null], [$store->kept(1, 'unit'), $store->kept(2, 'unit'), $store->kept(3, 'unit'), $store->kept(1, 'other')]);
    }

    /** A property: what the query decides and computes is what evaluating the formula on each row gives; nulls, text order, dates and rounding included. */
    public function test_a_query_and_its_formula_agree(): void
    {
        [$store, $swims, $spots] = $this->open();
        [$guests, $bookings] = [$store->blueprint()->tables[2], $store->blueprint()->tables[3]];
        $random = new Randomizer(new Mt19937(7));
        $pick = fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $spot = [null, $store->add($spots, ['name' => 'A']), $store->add($spots, ['name' => 'ä'])];
        $people = array_map(fn (?int $age): int => $store->add($guests, ['name' => $pick(['Ada', 'Bo', null]), 'age' => $age]), [null, 7, 30, 30]);
        for ($i = 0; $i < 40; $i++) {
            $swim = $store->add($swims, [
                'title' => $pick([null, 'a', 'B', 'b', 'Ä', 'z', '10', '9', 'ab', 'Item 10', 'item 9', 'Straße', 'A']),
                'places' => $pick([null, -1, 0, 1, 10, 3]),
                'water' => $pick([null, 0.0, 1.5, -2.25, 0.125, 2.5]),
                'open' => $pick([null, true, false]),
                'starts' => $pick([null, World::moment()->now, World::moment()->now->modify('+1 day'), World::at('2026-03-29T00:30:00Z')]),
                'spot' => $pick($spot),
                'day' => $pick([null, Day::of('2026-12-24'), Day::of('2027-02-28'), Day::of('2028-02-29')]),
                'fee' => $pick([null, new Money(0, 'EUR'), new Money(1250, 'EUR'), new Money(-333, 'EUR')]),
                'length' => $pick([null, new Duration(0), new Duration(5400)]),
                'tags' => $pick([null, ['sea'], ['sea', 'lake']]),
                'guests' => $pick([null, [$people[0]], [$people[1], $people[2]], $people]),
            ]);
            for ($n = $random->getInt(0, 3); $n > 0; $n--) {
                $store->add($bookings, [
                    'swim' => $swim,
                    'seats' => $pick([null, 1, 2]),
                    'paid' => $pick([null, new Money(500, 'EUR'), new Money(333, 'EUR')]),
                    'done' => $pick([null, true, false]),
                ]);
            }
        }
        $makes = new FormulaMaker($random);
        $reader = new Reader($store);
        $names = ['spot1' => $reader->row('Spot', (int) $spot[1]), 'me' => null];
        $moment = $this->moment();
        $all = $store->rows(new Query($swims));
        $said = 0;
        for ($i = 0; $i < 700; $i++) {
            $text = $makes->one($pick(['yesNo', 'yesNo', 'number', 'text', 'moment', 'date', 'money', 'duration']), $random->getInt(0, 3));
            $formula = Formula::of($text);
            $value = fn (Row $row): mixed => (new Evaluation($moment, $reader, ['this' => $row] + $names, [], $row))->of($formula);
            $outer = new Evaluation($moment, $reader, $names);
            $expected = array_map(fn (Row $row): mixed => $this->comparable($value($row)), $all);
            $compiled = CompiledFormula::of($formula, $swims, $outer);
            if ($compiled !== null) {
                self::assertEquals($expected, array_map(fn (Row $row): mixed => $this->comparable($compiled($row)), $all), "compiled: $text");
            }
            $term = Terms::of($formula, $swims, $store->blueprint(), $outer);
            if ($term === null) {
                continue;
            }
            $said++;
            $rows = $store->rows(new Query($swims, compute: [$text => $term]));
            self::assertEquals($expected, array_map(fn (Row $row): mixed => $this->comparable($row->computed[$text]), $rows), $text);
            if ($term->type->kind === Kind::YesNo) {
                [$condition, $rest] = Conditions::of($formula, $swims, $store->blueprint(), $outer);
                $asked = array_filter($store->rows(new Query($swims, $condition)), fn (Row $row): bool => ! $rest || $value($row) === true);
                self::assertSame(
                    array_map(fn (Row $r): int => $r->id, array_values(array_filter($all, fn (Row $row): bool => $value($row) === true))),
                    array_map(fn (Row $r): int => $r->id, array_values($asked)),
                    $text,
                );
            }
        }
        self::assertGreaterThan(550, $said, 'Most formulas can be said by a query.');
    }

    abstract protected function moment(): Moment;

    private function comparable(mixed $value): mixed
    {
        return match (true) {
            is_bool($value) => $value ? 1 : 0,
            is_float($value) || is_int($value) => round((float) $value, 9),
            default => StoredValue::plain($value),
        };
    }

    /** @return array{RecordStore, Table, Table} */
    private function open(): array
    {
        $blueprint = Blueprint::fromScript(self::SCRIPT);

        return [$this->store($blueprint), $blueprint->tables[1], $blueprint->tables[0]];
    }

    private function field(Table $table, string $name): Field
    {
        return $table->field($name) ?? throw new \LogicException($name);
    }
}
