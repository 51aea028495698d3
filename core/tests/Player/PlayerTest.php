<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Player;

use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class PlayerTest extends TestCase
{
    private World $world;

    private int $ines;

    private int $swim;

    protected function setUp(): void
    {
        $this->world = World::saltlark();
        $this->ines = $this->world->add('People', ['name' => 'Ines Okafor']);
        $spot = $this->world->add('Spots', ['name' => 'Lantern Cove', 'shore' => 'South shore', 'water' => 15.5]);
        $this->swim = $this->world->add('Swims', ['title' => 'Dawn dip', 'spot' => $spot, 'starts' => $this->world->at('2026-12-25 07:00'), 'places' => 1]);
        $this->world->add('Swims', ['title' => 'Long ago', 'spot' => $spot, 'starts' => $this->world->at('2026-01-01 07:00'), 'places' => 5]);
    }

    public function test_a_screen_is_drawn_for_its_person_and_moment(): void
    {
        $view = $this->world->show('', [], $this->ines);

        self::assertSame('Swims this week', $view['title']);
        self::assertSame(['heading', 'text', 'list', 'button'], array_column($view['nodes'], 'kind'));
        self::assertSame('Good morning, Ines Okafor', $view['nodes'][0]['text']);
        self::assertSame(
            [['id' => $this->swim, 'title' => 'Dawn dip', 'note' => 'Lantern Cove', 'aside' => 'in 21 hours', 'picture' => '']],
            $view['nodes'][2]['items'],
        );
    }

    public function test_a_line_is_left_out_where_its_condition_does_not_hold(): void
    {
        self::assertSame(['text', 'list', 'button'], array_column($this->world->show()['nodes'], 'kind'));
    }

    public function test_a_screen_about_a_row_that_is_gone_says_so(): void
    {
        self::assertSame('This Swim is not there, or no longer.', $this->world->show('swim', [999])['problem']);
        self::assertSame('This Swim is not there, or no longer.', $this->world->show('swim')['problem']);
        self::assertSame('This screen is no longer there.', $this->world->show('nowhere')['problem']);
    }

    public function test_booking_lowers_the_places_and_adds_the_booking(): void
    {
        $outcome = $this->book('Ines');

        self::assertSame(['See you at Lantern Cove, 07:00.'], $outcome->say);
        self::assertSame(0, $this->places());
        self::assertSame(1, $this->bookings());
    }

    public function test_the_last_place_is_sold_once_and_the_refusal_changes_nothing(): void
    {
        $this->book('Ines');
        $second = $this->book('Tomas');

        self::assertSame('Somebody took the last place a moment ago. Have a look at the other swims.', $second->refused);
        self::assertSame([0, 1], [$this->places(), $this->bookings()]);
    }

    public function test_a_guard_that_fails_says_its_own_sentence(): void
    {
        $world = World::of(
            "app A\ntable Swims, each a Swim\n  Places is a whole number\nscreen S, about one Swim\n  Button \"Go\"\n    tapped:\n      add a Swim\n"
                ."        set Places = 9\n      change swim, only while swim.places > 0, otherwise say \"Sold out, sorry.\"\n"
                    .'        set Places = swim.places - 1',
        );
        $swim = $world->add('Swims', ['places' => 0]);

        self::assertSame('Sold out, sorry.', $world->tap('s', 0, [$swim])->refused);
        self::assertSame(1, $world->store->count(new Query($world->blueprint->tables[0])), 'What was added before the guard must be gone.');
    }

    public function test_the_same_tap_sent_twice_acts_once(): void
    {
        $this->world->store->change($this->world->blueprint->tables[1], $this->swim, ['places' => 5]);
        $first = $this->world->tap('swim', 6, [$this->swim], null, ['name' => 'Ines'], null, 'key-1');
        $again = $this->world->tap('swim', 6, [$this->swim], null, ['name' => 'Ines'], null, 'key-1');

        self::assertSame($first->say, $again->say);
        self::assertSame([4, 1], [$this->places(), $this->bookings()]);
    }

    public function test_a_hidden_button_cannot_be_tapped(): void
    {
        $this->world->store->change($this->world->blueprint->tables[1], $this->swim, ['places' => 0]);

        self::assertNotSame('', $this->book('Ines')->refused);
        self::assertSame(0, $this->bookings());
    }

    public function test_an_item_that_the_list_does_not_show_cannot_be_tapped(): void
    {
        self::assertSame(['screen' => 'swim', 'args' => [$this->swim]], $this->world->tap('upcoming', 2, item: $this->swim)->go);
        self::assertSame('This is no longer in the list.', $this->world->tap('upcoming', 2, item: $this->swim + 1)->refused);
        self::assertSame('This is no longer there.', $this->world->tap('upcoming', 2, item: 999)->refused);
    }

    public function test_a_line_of_another_screen_or_kind_cannot_be_tapped(): void
    {
        $player = new Player($this->world->blueprint, $this->world->store, rehearsal: true);
        foreach (['/screens/0/lines/99', '/screens/1/lines/6', '/screens/9/lines/0', '/tables/0', ''] as $at) {
            self::assertSame(
                'This screen has just changed. Please try again.',
                $player->tap(new Visit(World::moment(), 'upcoming'), $at, null, '', Trail::none())->refused,
                $at,
            );
        }
    }

    public function test_a_form_says_at_each_box_what_is_wrong_and_saves_nothing(): void
    {
        $outcome = $this->world->tap('offer', 1, [], $this->ines, ['title' => '', 'spot' => '999', 'starts' => 'soon', 'places' => '50']);

        self::assertSame(
            [
                'title' => 'Please fill this in.',
                'spot' => 'This Spot is no longer there.',
                'starts' => '“soon” is not a date and time. Write it as 2026-12-24 07:30.',
                'places' => 'This must be at most 40.',
            ],
            $outcome->errors,
        );
        self::assertSame(2, $this->world->store->count(new Query($this->world->blueprint->tables[1])));
    }

    public function test_a_form_saves_what_was_typed_and_what_is_set_with_it(): void
    {
        $outcome = $this->world->tap('offer', 1, [], $this->ines, ['title' => 'Noon', 'spot' => '2', 'starts' => '2026-12-26T12:00:00Z', 'places' => '4']);

        self::assertSame([], $outcome->errors);
        self::assertSame(['screen' => 'upcoming', 'args' => []], $outcome->go);
        $rows = $this->world->store->rows(new Query($this->world->blueprint->tables[1]));
        self::assertSame(
            ['Noon', 2, 4, $this->ines],
            [$rows[2]->values['title'], $rows[2]->values['spot'], $rows[2]->values['places'], $rows[2]->values['host']],
        );
    }

    public function test_cancelling_gives_the_place_back(): void
    {
        $this->book('Ines', $this->ines);
        $booking = $this->world->store->rows(new Query($this->world->blueprint->tables[2]))[0];
        $asked = $this->world->tap('booking', 2, [$booking->id], $this->ines);
        self::assertSame(
            ['text' => 'Give your place to somebody else?', 'at' => '/screens/6/lines/2/tapped/0', 'yes' => 'Cancel my place', 'dangerous' => true],
            $asked->confirm,
        );
        self::assertSame([false, 0, 1], [$asked->data()['done'], $this->places(), $this->bookings()]);
        $outcome = $this->world->tap('booking', 2, [$booking->id], $this->ines, confirmed: ['/screens/6/lines/2/tapped/0']);

        self::assertTrue($outcome->back);
        self::assertSame([1, 0], [$this->places(), $this->bookings()]);
    }

    public function test_footprints_tell_queries_changes_and_where_values_come_from(): void
    {
        $now = 0;
        $trail = new Trail(function () use (&$now): int {
            return $now += 1_500_000;
        });
        $this->world->show('', [], $this->ines, $trail);
        self::assertSame(
            ['query', 'Swims where starts > now()', '/screens/0/lines/2', 1.5],
            [$trail->steps[0]['what'], $trail->steps[0]['text'], $trail->steps[0]['at'], $trail->steps[0]['ms']],
        );
        $note = array_values(array_filter($trail->origins, fn (array $o): bool => $o['formula'] === 'spot.name'))[0];
        self::assertSame([$this->swim, ['Spot', 'Name']], [$note['item'], array_column($note['cells'], 'field')]);

        $trail = new Trail(fn (): int => 0);
        $this->world->tap('swim', 6, [$this->swim], null, ['name' => 'Ines'], trail: $trail);
        self::assertSame(['changed', 'added'], array_column($trail->steps, 'what'));
        self::assertSame([['Places' => '1'], ['Places' => '0']], [$trail->steps[0]['detail']['before'], $trail->steps[0]['detail']['after']]);
    }

    public function test_an_empty_list_says_which_condition_removed_the_last_rows(): void
    {
        $player = new Player($this->world->blueprint, $this->world->store, rehearsal: true);
        $account = fn (string $screen, string $at, array $args): string => $player->whyEmpty(new Visit(World::moment(), $screen, $args), $at)->sentence ?? '';

        self::assertSame('Bookings has no rows yet.', $account('mine', '/screens/5/lines/1', []));
        $this->world->store->remove($this->world->blueprint->tables[1], $this->swim);
        self::assertSame('Swims has 1 row, but “starts > now()” is not true for the one row.', $account('spot', '/screens/4/lines/5', [2]));
    }

    private function book(string $name, ?int $person = null): \Lanai\Core\Play\Outcome
    {
        return $this->world->tap('swim', 6, [$this->swim], $person, ['name' => $name]);
    }

    private function places(): mixed
    {
        return $this->world->store->byIds($this->world->blueprint->tables[1], [$this->swim])[$this->swim]->values['places'];
    }

    private function bookings(): int
    {
        return $this->world->store->count(new Query($this->world->blueprint->tables[2]));
    }
}
