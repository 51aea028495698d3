<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Ports;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Condition;
use Lanai\Core\Data\Query;
use Lanai\Core\Data\Row;
use Lanai\Core\Data\Sort;
use Lanai\Core\Formula\Conditions;
use Lanai\Core\Formula\Evaluation;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Runtime\Reader;
use Lanai\Core\Tests\Support\World;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What every RecordStore must do; each adapter's test uses it. */
trait RecordStoreContract
{
    private const SCRIPT = "app A\ntable Spots, each a Spot\n  Name is a text\ntable Swims, each a Swim\n  Title is a text\n  Places is a whole number\n  Water is a decimal\n  Open is yes or no\n  Starts is a date and time\n  Spot is one Spot\n";

    abstract protected function store(Blueprint $blueprint): RecordStore;

    public function test_rows_come_back_with_their_types(): void
    {
        [$store, $swims, $spots] = $this->open();
        $spot = $store->add($spots, ['name' => 'Cove']);
        $at = World::moment()->now;
        $values = ['title' => 'Zoë’s', 'places' => 3, 'water' => 15.5, 'open' => false, 'starts' => $at, 'spot' => $spot];
        $id = $store->add($swims, $values);

        self::assertEquals($values, $store->byIds($swims, [$id])[$id]->values);
    }

    public function test_rows_are_filtered_sorted_and_limited(): void
    {
        [$store, $swims] = $this->open();
        $ids = array_map(fn (?int $places): int => $store->add($swims, ['title' => 'x', 'places' => $places]), [3, null, 1, 2]);
        $field = $this->field($swims, 'Places');
        $found = fn (Query $q): array => array_map(fn (Row $r): int => (int) array_search($r->id, $ids, true), $store->rows($q));

        self::assertSame([1, 2, 3, 0], $found(new Query($swims, null, [new Sort($field, true)])));
        self::assertSame([0, 3], $found(new Query($swims, null, [new Sort($field, false)], 2)));
        self::assertSame([0, 3], $found(new Query($swims, Condition::compare($field, '>', 1))));
        self::assertSame([1, 2], $found(new Query($swims, Condition::not(Condition::compare($field, '>', 1)))));
        self::assertSame(2, $store->count(new Query($swims, Condition::compare($field, '>', 1), [], 1)));
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

    /** A property: the store's answer to a generated condition is what evaluating the formula on each row gives, nulls and text order included. */
    public function test_a_condition_and_its_formula_agree(): void
    {
        [$store, $swims, $spots] = $this->open();
        $random = new Randomizer(new Mt19937(7));
        $pick = fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $spot = [null, $store->add($spots, ['name' => 'A']), $store->add($spots, ['name' => 'B'])];
        for ($i = 0; $i < 40; $i++) {
            $store->add($swims, ['title' => $pick([null, '', 'a', 'B', 'b', 'Ä', 'z', '10', '9']), 'places' => $pick([null, -1, 0, 1, 10]), 'water' => $pick([null, 0.0, 1.5, -2.25]),
                'open' => $pick([null, true, false]), 'starts' => $pick([null, World::moment()->now, World::moment()->now->modify('+1 day')]), 'spot' => $pick($spot)]);
        }
        $reader = new Reader($store);
        $names = ['spot1' => $reader->row('Spot', (int) $spot[1])];
        $atom = fn (): string => $pick(['title '.$pick(['==', '!=', '<', '>', '<=', '>=']).' '.$pick(['"a"', '"B"', '"10"', 'null', '"Ä"']), 'places '.$pick(['==', '!=', '<', '>', '<=', '>=']).' '.$pick(['0', '1', '-1', 'null', '0.5']),
            $pick(['1.5', '0']).' '.$pick(['==', '<', '>=']).' water', 'open', 'not open', 'open == false', 'starts '.$pick(['>', '<=', '==', '!=']).' '.$pick(['now()', 'null']), 'spot '.$pick(['==', '!=']).' '.$pick(['spot1', 'null']),
            'places in [0, 10]', 'title not in ["a", "b"]', 'length(title) > 0', 'spot.name == "A"', 'spot1 != null', 'spot1 == null', '1 > 2']);
        for ($i = 0; $i < 300; $i++) {
            $text = $atom();
            for ($n = $random->getInt(0, 3); $n > 0; $n--) {
                $text = $pick(["($text) and ".$atom(), "($text) or ".$atom(), "not ($text)", $atom()." and ($text)"]);
            }
            $formula = Formula::of($text);
            [$condition, $rest] = Conditions::of($formula, $swims, new Evaluation(World::moment(), $reader, $names));
            $holds = fn (Row $row): bool => (new Evaluation(World::moment(), $reader, $names + ['this' => $row], [], $row))->yes($formula);
            $asked = array_filter($store->rows(new Query($swims, $condition)), fn (Row $row): bool => ! $rest || $holds($row));

            self::assertSame(array_map(fn (Row $r): int => $r->id, array_values(array_filter($store->rows(new Query($swims)), $holds))), array_map(fn (Row $r): int => $r->id, array_values($asked)), $text);
        }
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
