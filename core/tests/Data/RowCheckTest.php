<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Data;

use Lanai\Core\Data\CheckResult;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Money;
use PHPUnit\Framework\TestCase;

final class RowCheckTest extends TestCase
{
    private World $world;

    private Table $swims;

    protected function setUp(): void
    {
        $this->world = World::saltlark();
        $this->swims = $this->world->blueprint->table('Swims') ?? self::fail('Swims');
    }

    public function test_a_new_row_needs_every_required_field(): void
    {
        self::assertSame(['spot', 'starts', 'places'], array_keys($this->check(['title' => 'Dip'], true)->errors));
    }

    public function test_a_change_is_judged_by_what_it_gives(): void
    {
        $check = $this->check(['places' => '7'], false);

        self::assertSame([['places' => 7], []], [$check->values, $check->errors]);
        self::assertSame(['title' => 'Please fill this in.'], $this->check(['title' => ''], false)->errors);
    }

    public function test_a_link_must_lead_to_a_row(): void
    {
        $spot = $this->world->add('Spots', ['name' => 'Cove']);

        self::assertSame(['spot' => $spot], $this->check(['spot' => (string) $spot], false)->values);
        self::assertSame(['spot' => 'This Spot is no longer there.'], $this->check(['spot' => '99'], false)->errors);
    }

    public function test_what_is_not_a_field_is_left_out(): void
    {
        self::assertSame([], $this->check(['id' => 5, 'colour' => 'red'], false)->values);
    }

    public function test_a_new_row_begins_with_what_its_fields_are_at_first_and_with_what_lanai_sets(): void
    {
        $world = World::of(
            "app A\ntable People, each a Person, who sign in\n  Name is a text\ntable Notes, each a Note\n  Text is a text\n"
                ."  Stars is a rating, at first 3 + 1\n  Until is a date, at first day(now()) + 7\n  Fee is money in EUR, at first 5\n"
                    ."  Author is who added it\n  Added is when it was added\n  Edited is when it was last changed\n",
        );
        $notes = $world->blueprint->tables[1];
        $me = new Row($world->blueprint->tables[0], $world->add('People', ['name' => 'Ines']), []);
        $check = new RowCheck($world->store, World::moment(), $me);
        $now = World::moment()->now;

        $values = $check->of($notes, ['text' => 'Hello', 'author' => '99', 'added' => '2020-01-01 00:00'])->values;
        self::assertEquals(
            [
                'text' => 'Hello',
                'stars' => 4,
                'until' => Day::of('2026-12-31'),
                'fee' => new Money(500, 'EUR'),
                'author' => $me->id,
                'added' => $now,
                'edited' => $now,
            ],
            $values,
        );
        self::assertEquals(
            ['stars' => null, 'edited' => $now],
            $check->of($notes, ['stars' => ''], new Row($notes, 1, $values))->values,
            'A change clears what it clears.',
        );
    }

    public function test_rules_about_other_rows_and_other_fields_hold(): void
    {
        $world = World::of(
            "app A\ntable Bookings, each a Booking, no two alike in Day and Seat\n  Day is a date\n  Seat is a whole number\n"
                ."  Code is a text written like \"AB-12\", no two alike\n  Paid is yes or no\n  Paid on is a date, required, only while paid\n",
        );
        $table = $world->blueprint->tables[0];
        $id = $world->add('Bookings', ['day' => Day::of('2026-12-24'), 'seat' => 4, 'code' => 'XY-99']);
        $check = new RowCheck($world->store, World::moment());

        self::assertSame(['code' => 'There is already a Booking with this Code.'], $check->of($table, ['code' => 'XY-99'])->errors);
        self::assertSame(['code' => 'Please write it like “AB-12”.'], $check->of($table, ['code' => 'XYZ99'])->errors);
        self::assertSame(
            ['day' => 'There is already a Booking with the same Day and Seat.'],
            $check->of($table, ['day' => '2026-12-24', 'seat' => '4'])->errors,
        );
        self::assertSame([], $check->of($table, ['day' => '2026-12-24'])->errors, 'A seat that is not given is like no other.');
        $own = $world->store->byIds($table, [$id])[$id];
        self::assertSame([], $check->of($table, ['seat' => '4', 'code' => 'XY-99'], $own)->errors, 'A row is not its own twin.');
        self::assertSame(['paidOn' => 'This can be filled in only while paid.'], $check->of($table, ['seat' => '5', 'paid_on' => '2026-12-24'])->errors);
        self::assertSame(['paidOn' => 'Please fill this in.'], $check->of($table, ['seat' => '5', 'paid' => 'yes'])->errors);
        self::assertSame([], $check->of($table, ['seat' => '5', 'paid' => 'yes', 'paid_on' => '2026-12-24'])->errors);
    }

    /** @param  array<string, mixed>  $given */
    private function check(array $given, bool $new): CheckResult
    {
        return (new RowCheck($this->world->store, World::moment()))->of($this->swims, $given, $new ? null : new Row($this->swims, 1, []));
    }
}
