<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Errands;

use Lanai\Core\Errands\Runner;
use Lanai\Core\Errands\StepDone;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Errands on an app in which places are booked: what goes well, where they stop, and what is said then. */
final class RunnerTest extends TestCase
{
    private World $world;

    private int $ines = 0;

    /** @param  list<string>  $steps  @return list<StepDone> */
    private function goes(array $steps, int $places = 1, bool $signedIn = false): array
    {
        $script = (string) file_get_contents(__DIR__.'/../Support/saltlark.script');
        $this->world = World::of($script."\nerrand \"One\"\n".implode('', array_map(fn (string $one): string => "  then $one\n", $steps)));
        $spot = $this->world->add('Spots', ['name' => 'Amber Stairs', 'water' => '11.4']);
        $this->ines = $this->world->add('People', ['name' => 'Ines']);
        $this->world->add('Swims', ['title' => 'Dawn dip', 'spot' => $spot, 'starts' => World::at('2026-12-25T07:00:00Z'), 'places' => $places]);
        $player = new Player($this->world->blueprint, $this->world->store, rehearsal: true);

        return (new Runner($this->world->blueprint, $player, World::moment(), $signedIn ? $this->ines : null, 'one'))->run($this->world->blueprint->errands[0]);
    }

    private function bookings(): int
    {
        return count($this->world->store->allOf($this->world->blueprint->table('Bookings') ?? self::fail()));
    }

    public function test_the_last_place_is_booked_and_then_there_is_none(): void
    {
        $done = $this->goes([
            'tap "Dawn dip"',
            'see "1 place left"',
            'see no "This swim is full."',
            'type "Mirela", into "Name"',
            'tap "Count me in"',
            'see "See you at Amber Stairs"',
            'see "This swim is full."',
            'see "Mirela"',
            'tap "Back"',
            'see "Swims this week"',
        ]);

        self::assertSame(array_fill(0, 10, ''), array_map(fn (StepDone $one): string => $one->wrong, $done));
        self::assertSame('Dawn dip', $done[0]->screen);
        self::assertSame(1, $this->bookings());
    }

    public function test_somebody_signed_in_is_greeted_and_nobody_else(): void
    {
        self::assertSame('', $this->goes(['see "Good morning, Ines"'], signedIn: true)[0]->wrong);
        self::assertStringContainsString('is not to be seen', $this->goes(['see "Good morning, Ines"'])[0]->wrong);
    }

    public function test_a_form_is_filled_by_what_is_read_above_its_boxes(): void
    {
        $done = $this->goes(['open "Offer"', 'type "Moon swim", into "Title"', 'type "amber stairs", into "Spot"', 'type "Nowhere", into "Spot"']);

        self::assertSame(['', '', '', '“Nowhere” cannot be chosen in “Spot”.'], array_map(fn (StepDone $one): string => $one->wrong, $done));
    }

    #[TestWith(['tap "Dive in"', '“Dive in” is not there on “Swims this week”. There is: '])]
    #[TestWith(['tap "Back"', 'There is nothing to go back to.'])]
    #[TestWith(['type "Mirela", into "Name"', 'There is no box “Name” on “Swims this week”.'])]
    #[TestWith(['open "Cellar"', 'There is no screen “Cellar”.'])]
    #[TestWith(['open "Swim"', '“Swim” is about something: tap what leads to it.'])]
    #[TestWith(['see no "Dawn dip"', '“Dawn dip” is to be seen on “Swims this week”.'])]
    public function test_it_stops_where_a_step_cannot_be_done_and_says_why(string $step, string $said): void
    {
        $done = $this->goes([$step, 'see "Dawn dip"']);

        self::assertCount(1, $done);
        self::assertStringStartsWith($said, $done[0]->wrong);
    }

    public function test_a_refusal_is_something_that_is_seen_and_nothing_is_booked(): void
    {
        $done = $this->goes(['open "Offer"', 'tap "Put it on the list"', 'see "Swims this week"']);

        self::assertSame('', $done[1]->wrong);
        self::assertStringContainsString('It was said: ', $done[2]->wrong);
        self::assertCount(1, $this->world->store->allOf($this->world->blueprint->table('Swims') ?? self::fail()));
    }

    /** Eighty steps are gone to the end; of one more it is said that it is too many. */
    #[TestWith([80, false])]
    #[TestWith([81, true])]
    public function test_an_errand_has_an_end(int $steps, bool $tooMany): void
    {
        $done = $this->goes(array_fill(0, $steps, 'see "Dawn dip"'));

        self::assertSame($tooMany ? 'An errand has at most 80 steps.' : '', $done[count($done) - 1]->wrong);
    }
}
