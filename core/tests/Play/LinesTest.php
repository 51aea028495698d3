<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class LinesTest extends TestCase
{
    private const TABLES = "app A\ntable Boats, each a Boat\n  Name is a text, required\n  Length is a decimal\n  Afloat is yes or no\n"
        ."  Launched is a date and time\n  Photo is a picture\n  Berth is one Berth\ntable Berths, each a Berth\n  Number is a whole number\n"
            ."  Label is a text\n";

    public function test_texts_show_values_and_a_broken_formula_leaves_a_gap_not_an_error(): void
    {
        $world = World::of(
            self::TABLES."screen S, about one Boat\n  Heading \"{boat.name}\"\n  Text \"{boat.nothing} and {boat.length} m\"\n  Text \"{broken\"",
        );
        $boat = $world->add('Boats', ['name' => 'Petrel', 'length' => 7.5]);

        self::assertSame(['Petrel', ' and 7.5 m', '…'], array_column($world->show('s', [$boat])['nodes'], 'text'));
    }

    public function test_a_picture_is_drawn_with_its_words_or_as_a_blank_place(): void
    {
        $world = World::of(self::TABLES."screen S, about one Boat\n  Picture of boat.photo, described as \"{boat.name}\"");
        $with = $world->add('Boats', ['name' => 'Petrel', 'photo' => str_repeat('a', 64).'.png']);
        $without = $world->add('Boats', ['name' => 'Tern']);

        self::assertSame(
            [str_repeat('a', 64).'.png', 'Petrel'],
            [$world->show('s', [$with])['nodes'][0]['picture'], $world->show('s', [$with])['nodes'][0]['alt']],
        );
        self::assertSame(['', 'Tern'], [$world->show('s', [$without])['nodes'][0]['picture'], $world->show('s', [$without])['nodes'][0]['alt']]);
    }

    public function test_a_list_sorts_by_several_keys_and_names_items_that_show_nothing(): void
    {
        $world = World::of(self::TABLES."screen S\n  List of Boats, by Afloat downward then Name upward");
        foreach ([['Tern', false], ['Petrel', true], ['Auk', true]] as [$name, $afloat]) {
            $world->add('Boats', ['name' => $name, 'afloat' => $afloat]);
        }

        self::assertSame(['Auk', 'Petrel', 'Tern'], array_column($world->show()['nodes'][0]['items'], 'title'));
    }

    public function test_a_condition_that_a_query_cannot_decide_still_holds(): void
    {
        $world = World::of(self::TABLES."screen S\n  List of Boats where berth.number > 2 and afloat, by Name upward\n    when empty: \"None.\"");
        $near = $world->add('Berths', ['number' => 1]);
        $far = $world->add('Berths', ['number' => 3]);
        foreach ([['Auk', $far, true], ['Petrel', $near, true], ['Tern', $far, false], ['Wren', null, true]] as [$name, $berth, $afloat]) {
            $world->add('Boats', ['name' => $name, 'berth' => $berth, 'afloat' => $afloat]);
        }

        self::assertSame(['Auk'], array_column($world->show()['nodes'][0]['items'], 'title'));
    }

    public function test_an_input_is_read_as_its_type_and_missed_where_it_is_required(): void
    {
        $world = World::of(
            self::TABLES.
                "screen S\n  Input How long is a decimal, required, hint \"in metres\"\n  Input Berth is one Berth\n  Button \"Add\"\n    tapped:\n"
                    ."      add a Boat\n        set Name = \"x\"\n        set Length = input.howLong\n        set Berth = input.berth\n"
                        .'      say "{input.howLong} at {input.berth.label}"',
        );
        $berth = $world->add('Berths', ['label' => 'North']);

        self::assertSame([['id' => (string) $berth, 'label' => 'North']], $world->show()['nodes'][1]['input']['choices']);
        self::assertSame(['howLong' => 'Please fill this in.'], $world->tap('s', 2)->errors);
        self::assertSame(
            ['howLong' => '“wide” is not a number. Use a point for decimals, as in 18.5.'],
            $world->tap('s', 2, inputs: ['howLong' => 'wide'])->errors,
        );
        self::assertSame(['7.5 at North'], $world->tap('s', 2, inputs: ['howLong' => '7.5', 'berth' => (string) $berth])->say);
    }

    public function test_a_form_changes_a_row_and_leaves_alone_what_it_does_not_ask(): void
    {
        $world = World::of(
            self::TABLES.
                "screen S, about one Boat\n  Form to change boat asking Name, Afloat, saying \"Keep\"\n    set Launched = now()\n    saved:\n"
                    ."      say \"{boat.name} is kept.\"\n      go back",
        );
        $boat = $world->add('Boats', ['name' => 'Petrel', 'length' => 7.5, 'afloat' => false]);
        $boxes = $world->show('s', [$boat])['nodes'][0]['boxes'];

        self::assertSame(
            [['Petrel', 'no'], ['text', 'switch'], [true, false]],
            [array_column($boxes, 'value'), array_column($boxes, 'control'), array_column($boxes, 'required')],
        );
        $outcome = $world->tap('s', 0, [$boat], inputs: ['name' => 'Tern', 'afloat' => 'yes']);
        self::assertTrue($outcome->back);
        self::assertEquals(
            ['name' => 'Tern', 'length' => 7.5, 'afloat' => true, 'launched' => World::moment()->now],
            array_intersect_key(
                $world->store->byIds($world->blueprint->tables[0], [$boat])[$boat]->values,
                array_flip(['name', 'length', 'afloat', 'launched']),
            ),
        );
    }

    public function test_removing_a_row_twice_says_that_it_is_gone(): void
    {
        $world = World::of(self::TABLES."screen S\n  List of Boats\n    tapped:\n      remove this\n      say \"Gone.\"");
        $boat = $world->add('Boats', ['name' => 'Petrel']);

        self::assertSame(['Gone.'], $world->tap('s', 0, item: $boat)->say);
        self::assertSame('This is no longer there.', $world->tap('s', 0, item: $boat)->refused);
    }

    public function test_an_effect_that_sets_a_bad_value_is_refused_with_the_field_and_the_reason(): void
    {
        $world = World::of(
            "app A\ntable Counts, each a Count\n  Value is a whole number from 0 to 3\nscreen S, about one Count\n  Button \"Up\"\n    tapped:\n"
                ."      change count\n        set Value = count.value + 1",
        );
        $count = $world->add('Counts', ['value' => 3]);

        self::assertSame('Value: This must be at most 3.', $world->tap('s', 0, [$count])->refused);
    }

    public function test_tabs_lead_only_to_screens_that_are_there(): void
    {
        $world = World::of("app A\nscreen One\nscreen Two\ntab Two as \"2\" with icon home\ntab Gone as \"3\"");

        self::assertSame([['screen' => 'two', 'label' => '2', 'icon' => 'home']], $world->show()['tabs']);
    }

    public function test_an_app_without_screens_says_so(): void
    {
        self::assertSame('This app has no screens yet.', World::of('app A')->show()['problem']);
    }

    public function test_small_signs_are_drawn_from_their_numbers_and_moments(): void
    {
        $world = World::of(
            "app A\ntable Jars, each a Jar\n  Name is a text\n  Spoons is a whole number\n  Stars is a decimal\n  Opened is a date and time\n"
                ."screen S, about one Jar\n  Progress of jar.spoons, out of 8, saying \"{jar.spoons} of 8\"\n  Progress of 0.25\n"
                    ."  Rating of jar.stars\n  Rating of 7, out of 10\n  Badge \"{jar.name}\", in a warning tone\n  Badge \"Fresh\"\n"
                        ."  Countdown to addHours(now(), 2), then saying \"Open!\"\n  Countdown to jar.opened\n"
                            ."  Icon star, described as \"A star\"\n  Divider, if jar.spoons > 2\n  Space of 24\n",
        );
        $jar = $world->add('Jars', ['name' => 'Plum', 'spoons' => 2, 'stars' => 3.456]);
        $drawn = array_map(fn (array $node): array => array_diff_key($node, ['at' => 1]), $world->show('s', [$jar])['nodes']);

        self::assertSame(
            [
                ['kind' => 'progress', 'share' => 0.25, 'text' => '2 of 8'],
                ['kind' => 'progress', 'share' => 0.25, 'text' => ''],
                ['kind' => 'rating', 'stars' => 3.46, 'most' => 5],
                ['kind' => 'rating', 'stars' => 7.0, 'most' => 10],
                ['kind' => 'badge', 'text' => 'Plum', 'tone' => 'warning'],
                ['kind' => 'badge', 'text' => 'Fresh', 'tone' => 'calm'],
                ['kind' => 'countdown', 'until' => '2026-12-24T11:30:00Z', 'over' => 'Open!', 'now' => '2026-12-24T09:30:00Z'],
                ['kind' => 'countdown', 'until' => '', 'over' => '', 'now' => '2026-12-24T09:30:00Z'],
                ['kind' => 'icon', 'icon' => 'star', 'alt' => 'A star'],
                ['kind' => 'space', 'height' => 24],
            ],
            array_map(
                fn (array $n): array => array_map(fn (mixed $v): mixed => is_int($v) && isset($n['stars']) && $v === $n['stars'] ? (float) $v : $v, $n),
                $drawn,
            ),
        );
    }

    public function test_a_share_stays_between_nothing_and_all(): void
    {
        foreach (['12 / 0' => 0, '-3' => 0, '17' => 1, '1 / 3' => 0.3333] as $formula => $share) {
            self::assertEquals($share, World::of("app A\nscreen S\n  Progress of $formula\n")->show()['nodes'][0]['share'], (string) $formula);
        }
    }
}
