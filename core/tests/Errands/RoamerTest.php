<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Errands;

use Lanai\Core\Errands\Roamed;
use Lanai\Core\Errands\Roamer;
use Lanai\Core\Errands\Runner;
use Lanai\Core\Model\Errand;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Everything is tapped once, by errands that are made on the way. */
final class RoamerTest extends TestCase
{
    private const BOATS = <<<'SCRIPT'
        app Boats

        table Boats, each a Boat
          may be seen by everyone
          may be added by everyone
          may be changed by everyone
          may be removed by everyone
          Name is a text of at most 40, required
          Length is a whole number from 1 to 60

        screen Harbour, first
          List of Boats, by Name upward
            shows name as title
            tapped:
              go to Boat with this
          Button "New boat"
            tapped:
              go to New boat
          Button "Show the last one"
            tapped:
              go to Boat with last(where(boats, length > 40))

        screen Boat, about one Boat, titled "{boat.name}"
          Text "{boat.length} m"
          Button "Name it anew"
            tapped:
              ask "What is it called?" for Name is a text of at most 40
              change boat
                set Name = input.name
              say "It is called {boat.name}."
          Button "Sink it"
            tapped:
              confirm "Sink it?"
              remove boat
              go back

        screen New boat
          Form for a new Boat asking Name, Length, saying "Launch it"
            saved:
              go back

        tab Harbour as "Harbour" with icon home
        SCRIPT;

    /** @return list<Roamed> */
    private function roam(string $script, int $boats = 2, int $time = PHP_INT_MAX, int $most = Roamer::TAPS): array
    {
        $world = fn (): World => World::of($script);
        $go = function (Errand $errand) use ($world, $boats): Runner {
            $here = $world();
            for ($i = 0; $i < $boats; $i++) {
                $here->add('Boats', ['name' => "Boat $i", 'length' => 8 + $i]);
            }
            $runner = new Runner($here->blueprint, new Player($here->blueprint, $here->store, rehearsal: true), World::moment(), null, 'roam');
            $runner->run($errand);

            return $runner;
        };

        return (new Roamer($go, function () use (&$time): bool {
            return $time-- > 0;
        }, $most))->roam();
    }

    /**
     * @param  list<Roamed>  $taps
     * @return array<string, string> what was tapped where => what was wrong
     */
    private static function wrong(array $taps): array
    {
        return array_column(array_map(fn (Roamed $one): array => ["$one->label on $one->screen", $one->wrong], $taps), 1, 0);
    }

    public function test_every_button_is_tapped_once_of_a_list_the_first_row_and_what_is_wrong_is_told(): void
    {
        $taps = $this->roam(self::BOATS);
        self::assertSame([
            'Boat 0 on Harbour' => '',
            'New boat on Harbour' => '',
            'Show the last one on Harbour' => 'This Boat is not there, or no longer.',
            'Harbour on Harbour' => '',
            'Name it anew on Boat 0' => '',
            'Sink it on Boat 0' => '',
            'Launch it on New boat' => '',
        ], self::wrong($taps));
        $sinks = array_values(array_filter($taps, fn (Roamed $one): bool => $one->label === 'Sink it'))[0];
        self::assertSame(['tap “Boat 0”', 'tap “Sink it”'], array_map(fn ($step): string => $step->said(), $sinks->steps));
    }

    public function test_what_is_asked_before_a_tap_is_done_is_answered_and_forms_are_filled(): void
    {
        $taps = $this->roam(self::BOATS);
        $steps = fn (string $label): array => array_map(
            fn ($step): string => $step->said(),
            array_values(array_filter($taps, fn (Roamed $one): bool => $one->label === $label))[0]->steps,
        );
        self::assertSame(['tap “Boat 0”', 'tap “Name it anew”', 'type “Tern” into “Name”'], $steps('Name it anew'));
        $launches = ['tap “New boat”', 'type “Tern” into “Name”', 'type “2” into “Length”', 'tap “Launch it”'];
        self::assertSame($launches, $steps('Launch it'));
    }

    public function test_it_has_an_end(): void
    {
        $many = implode("\n", array_map(fn (int $i): string => "  Button \"Say $i\"\n    tapped:\n      say \"$i\"", range(1, 30)));
        $script = strtr(
            self::BOATS,
            [
                'screen Boat, about' => "screen Many\n$many\n\nscreen Boat, about",
                '  Button "New boat"' => "  Button \"Many\"\n    tapped:\n      go to Many\n  Button \"New boat\"",
            ],
        );
        self::assertCount(20, $this->roam($script, 1, most: 20));
        self::assertCount(3, $this->roam($script, 1, 3));
    }

    public function test_an_app_of_one_empty_screen_has_nothing_to_tap(): void
    {
        self::assertSame(
            [],
            $this->roam("app Boats\n\ntable Boats, each a Boat\n  Name is a text of at most 40\n  Length is a whole number\n\nscreen Empty, first\n", 0),
        );
    }
}
