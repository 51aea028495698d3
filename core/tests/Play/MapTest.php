<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rules\MapWithoutPlaces;
use Lanai\Core\Findings\Rules\TilesIncomplete;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Layout\Page;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Tiles;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Place;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists as maps, and what maps are drawn with. */
final class MapTest extends TestCase
{
    private const APP = "app Coast\n\ntable Coves, each a Cove\n  Name is a text\n  Lies is a place\n\n";

    private const TILES = "service Room is at \"https://tiles.example\"\n"
        ."  draws maps with \"/t/{z}/{x}/{y}.png\", as far as zoom 14, credited to \"The Room\"\n\n";

    private const LIST = "screen S, first\n  List of Coves, by Name upward, as a map, with a search box\n    shows name as title\n    shows lies as place\n"
        ."    tapped:\n      say \"{name}\"\n    when empty: \"No coves.\"\n";

    public function test_items_stand_where_they_lie_and_those_without_a_place_are_told(): void
    {
        $world = World::of(self::APP.self::LIST);
        $bay = $world->add('Coves', ['name' => 'Bay', 'lies' => Place::of('50.1, -5.2')]);
        $world->add('Coves', ['name' => 'Nowhere']);
        $node = $world->show()['nodes'][0];

        self::assertSame('map', $node['layout']);
        self::assertSame([['id' => $bay, 'title' => 'Bay', 'place' => ['latitude' => 50.1, 'longitude' => -5.2]]], [$node['items'][0]]);
        self::assertArrayNotHasKey('place', $node['items'][1]);
        self::assertSame('One has no place and is not on the map.', $node['rest']);
        self::assertArrayNotHasKey('tiles', $node);
        self::assertSame(['Bay'], $world->tap('s', 0, item: $bay)->say);
    }

    public function test_all_stand_on_it_at_once_up_to_a_bound_that_is_told(): void
    {
        $world = World::of(self::APP.self::LIST);
        foreach (range(1, 2000) as $i) {
            $world->add('Coves', ['name' => sprintf('Cove %04d', $i), 'lies' => Place::of(sprintf('%.4F, 0', $i / 100))]);
        }
        $whole = $world->show()['nodes'][0];
        self::assertSame([2000, false, false], [count($whole['items']), $whole['more'], isset($whole['rest'])]);

        $world->add('Coves', ['name' => 'One more', 'lies' => Place::of('1, 1')]);
        $cut = $world->show()['nodes'][0];
        self::assertSame([2000, false], [count($cut['items']), $cut['more']]);
        self::assertSame('Only the first 2,000 are shown. Search or choose above to see others.', $cut['rest']);
    }

    public function test_maps_are_drawn_by_the_first_service_that_has_tiles(): void
    {
        $world = World::of(self::APP."service Other is at \"https://other.example\"\n\n".self::TILES.self::LIST."  Map of first(coves).lies\n");
        $world->add('Coves', ['name' => 'Bay', 'lies' => Place::of('50.1, -5.2')]);
        [$list, $map] = $world->show()['nodes'];

        self::assertSame($list['tiles'], $map['tiles']);
        self::assertSame([14, 'The Room'], [$list['tiles']['most'], $list['tiles']['credit']]);
        self::assertSame('Room', $world->blueprint->mapService()?->name);
        self::assertStringNotContainsString('tiles.example', (string) json_encode([$list, $map]));

        $moved = World::of(str_replace('/t/', '/u/', self::APP.self::TILES.self::LIST));
        self::assertNotSame($list['tiles']['mark'], $moved->show()['nodes'][0]['tiles']['mark']);
        $broken = World::of(str_replace('{x}', '', self::APP.self::TILES.self::LIST));
        self::assertNull($broken->blueprint->mapService());
    }

    public function test_what_is_said_of_tiles_survives_printing(): void
    {
        $script = World::of(self::APP.self::TILES.self::LIST)->blueprint->script();

        self::assertStringContainsString(trim(self::TILES), $script);
        self::assertSame($script, World::of($script)->blueprint->script());
    }

    public function test_a_map_that_does_not_say_where_things_lie_is_found_and_mended(): void
    {
        $silent = World::of(self::APP.str_replace("    shows lies as place\n", '', self::LIST))->blueprint;
        [$found] = $this->found($silent, MapWithoutPlaces::class);
        self::assertSame(['/screens/0/lines/0', 'The map of Coves is empty: it does not say where each one lies.'], [$found->at, $found->sentence]);
        $after = EditResult::by($silent, new Patch($found->mend->operations ?? []))->blueprint;
        self::assertStringContainsString("    shows lies as place\n", $after->script());
        self::assertSame([], $this->found($after, MapWithoutPlaces::class));

        $nowhere = World::of("app Jars\n\ntable Jars, each a Jar\n  Name is a text\n\nscreen S, first\n  List of Jars, as a map\n")->blueprint;
        [$found] = $this->found($nowhere, MapWithoutPlaces::class);
        self::assertSame('The map of Jars is empty: it shows nothing as place, and Jars has no field that is a place.', $found->sentence);
        self::assertNull($found->mend);
    }

    public function test_tiles_that_all_have_one_address_are_found(): void
    {
        $blueprint = World::of(str_replace('{z}/{x}', '', self::APP.self::TILES.self::LIST))->blueprint;
        [$found] = $this->found($blueprint, TilesIncomplete::class);

        self::assertSame('/services/0/tiles/0/path', $found->at);
        self::assertStringContainsString('lacks {z} and {x}.', $found->sentence);
    }

    /**
     * @param  class-string  $rule
     * @return list<Finding>
     */
    private function found(Blueprint $blueprint, string $rule): array
    {
        $name = substr((string) strrchr($rule, '\\'), 1);

        return array_values(array_filter(Findings::in(Reading::of($blueprint)), fn (Finding $f): bool => $f->rule === $name));
    }

    /** @return iterable<string, array{int, int, int, bool}> zoom, column, row */
    public static function places(): iterable
    {
        yield 'the world' => [0, 0, 0, true];
        yield 'beside the world' => [0, 1, 0, false];
        yield 'the last of a zoom' => [14, 16383, 16383, true];
        yield 'one beyond' => [14, 16384, 0, false];
        yield 'too deep' => [15, 0, 0, false];
        yield 'before the first' => [3, -1, 0, false];
    }

    #[DataProvider('places')]
    public function test_there_are_so_many_tiles(int $zoom, int $x, int $y, bool $there): void
    {
        self::assertSame($there, (new Tiles('/{z}/{x}/{y}', 14))->has($zoom, $x, $y));
    }

    public function test_a_tile_is_asked_for_by_its_place(): void
    {
        $message = (new Tiles('/t/{z}/{x}/{y}.png?style=calm'))->message('https://tiles.example/v1/', 12, 1986, 1388);

        self::assertSame(['GET', 'https://tiles.example/v1/t/12/1986/1388.png?style=calm'], [$message->method, $message->url]);
    }

    public function test_a_map_with_which_a_page_ends_is_as_high_as_there_is_room(): void
    {
        $world = World::of(self::APP.self::LIST."\nscreen More\n  List of Coves, as a map\n    shows lies as place\n  Text \"Below\"\n");
        $world->add('Coves', ['name' => 'Bay', 'lies' => Place::of('50.1, -5.2')]);
        $phone = Device::every()[array_key_first(Device::every())];
        $height = function (string $screen) use ($world, $phone): float {
            foreach (Page::frames($world->show($screen), $phone)->all() as $frame) {
                if ($frame->box->grow > 0 && $frame->box->minHeight === 360.0 && $frame->height >= 360) {
                    return $frame->height;
                }
            }
            self::fail('There is no map.');
        };

        self::assertGreaterThan(360, $height('s'));
        self::assertSame(360.0, $height('more'));
    }
}
