<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ServiceSecret;
use App\Outbound\Practice;
use App\Services\TileDesk;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Standins\Box;
use Standins\Chartroom\TilePainter;
use Standins\Switches;
use Tests\PracticeServices;
use Tests\TestCase;

/** Maps are drawn with tiles of a service, whose key nobody sees, and which is asked once for what many look at. */
final class TilesTest extends TestCase
{
    use PracticeServices;

    private const KEY = 'practice-key-of-the-coast';

    public function test_a_tile_is_fetched_once_with_the_key_of_its_service_and_kept(): void
    {
        $first = $this->tile(12, 1986, 1388)->assertOk()->assertHeader('Content-Type', 'image/png');
        self::assertSame([256, 256], array_slice((array) getimagesizefromstring((string) $first->getContent()), 0, 2));
        self::assertStringNotContainsString(self::KEY, $first->headers->__toString());
        $asked = $this->switches()->state()['calls'];
        $second = $this->tile(12, 1986, 1388)->assertOk();

        self::assertSame($first->getContent(), $second->getContent());
        self::assertSame($asked, $this->switches()->state()['calls']);
        self::assertMatchesRegularExpression('/^max-age=604[78]\d\d, private$/', (string) $second->headers->get('Cache-Control'));
        $this->tile(12, 1987, 1388)->assertOk();
        self::assertSame($asked + 1, $this->switches()->state()['calls']);
    }

    /** @return iterable<string, array{string}> */
    public static function faults(): iterable
    {
        foreach (['401', '429', '500', 'cut', 'html'] as $mode) {
            yield $mode => [$mode];
        }
    }

    #[DataProvider('faults')]
    public function test_what_goes_wrong_there_is_said_and_an_old_tile_is_better_than_none(string $mode): void
    {
        $old = $this->tile(11, 993, 694)->assertOk()->getContent();
        foreach (glob($this->demo->folder('tiles').'/*') ?: [] as $file) {
            touch($file, time() - 10);
        }
        $this->switches()->turn($mode);

        self::assertSame($old, $this->tile(11, 993, 694)->assertOk()->getContent());
        $none = $this->tile(11, 992, 694);
        self::assertSame(502, $none->status());
        self::assertStringStartsWith('Chartroom ', (string) $none->json('message'));
    }

    public function test_a_slow_service_keeps_nobody_waiting_twice(): void
    {
        $this->switches()->turn('slow');
        $this->tile(10, 496, 347)->assertStatus(502);
        $asked = $this->switches()->state()['calls'];

        $this->tile(10, 497, 347)->assertStatus(502)->assertExactJson(['message' => 'Chartroom has just been too slow to draw the map.']);
        self::assertSame($asked, $this->switches()->state()['calls']);
        $this->switches()->turn('');
        $this->travel(31)->seconds();
        $this->tile(10, 497, 347)->assertOk();
    }

    public function test_a_wrong_key_is_told_without_showing_it(): void
    {
        ServiceSecret::query()->where('service', 'Chartroom')->delete();
        $this->tile(9, 248, 173)->assertStatus(502)->assertExactJson(['message' => 'Chartroom does not draw this part of the map just now.']);
    }

    public function test_what_is_not_on_the_map_asks_nobody(): void
    {
        $asked = $this->switches()->state()['calls'];
        foreach ([[0, 1, 0], [17, 0, 0], [16, 65536, 0], [99, 0, 0]] as [$zoom, $x, $y]) {
            $this->tile($zoom, $x, $y)->assertNotFound();
        }
        self::assertSame($asked, $this->switches()->state()['calls']);
        $this->get("/device/deck/{$this->demo->id}/tiles/1/0/-1")->assertNotFound();
        $this->get('/device/share/nobody/tiles/0/0/0')->assertNotFound();
    }

    public function test_the_studio_says_which_service_draws_the_maps(): void
    {
        $services = $this->getJson("/api/apps/{$this->demo->id}")->assertOk()->json('services');

        self::assertSame(['Almanac' => false, 'Wordsmith' => false, 'Chartroom' => true], array_map(
            fn (array $service): bool => $service['drawsMaps'] ?? false,
            array_column($services, null, 'name'),
        ));
    }

    public function test_an_app_without_a_service_for_maps_has_no_tiles(): void
    {
        $made = $this->postJson('/api/apps', ['name' => 'Bare'])->assertCreated();
        $this->get("/device/deck/{$made->json('id')}/tiles/0/0/0")->assertNotFound();
    }

    public function test_an_answer_that_is_no_picture_or_too_large_is_not_passed_on(): void
    {
        Http::fake(['*' => Http::response('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 200, ['Content-Type' => 'image/png'])]);
        $this->tile(8, 124, 86)->assertStatus(502);
        self::assertSame([], glob($this->demo->folder('tiles').'/*'));
    }

    public function test_old_tiles_go_and_what_is_kept_has_a_bound(): void
    {
        $folder = $this->demo->folder('tiles');
        foreach (['a' => 3600, 'b' => 7200] as $name => $left) {
            file_put_contents("$folder/$name", str_repeat('x', 60_000_000));
            touch("$folder/$name", time() + $left);
        }
        file_put_contents("$folder/old", 'x');
        touch("$folder/old", time() - 8 * 86400);

        self::assertSame(2, TileDesk::prune($this->demo));
        self::assertSame(["$folder/b"], glob("$folder/*"));
    }

    /** EPSG:3857 ends at 85.051129 degrees, where the world is a square (its area of use, from memory); its middle is the equator. */
    public function test_the_stand_in_lays_its_tiles_as_the_standard_does(): void
    {
        self::assertEqualsWithDelta(85.051129, TilePainter::latitude(0, 0), 0.000001);
        self::assertEqualsWithDelta(-85.051129, TilePainter::latitude(1, 0), 0.000001);
        self::assertEqualsWithDelta(0.0, TilePainter::latitude(2048, 12), 0.000001);
    }

    private function tile(int $zoom, int $x, int $y): TestResponse
    {
        return $this->get("/device/deck/{$this->demo->id}/tiles/$zoom/$x/$y");
    }

    private function switches(): Switches
    {
        return new Switches(self::$practice, 'chartroom', Box::of([], ['x-practice-box' => Practice::boxOf($this->demo)]));
    }
}
