<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Of many rows a box offers the first, says so, and finds the others by their names. */
final class ManyChoicesTest extends TestCase
{
    private World $world;

    protected function setUp(): void
    {
        $this->world = World::of(
            "app A\ntable Berths, each a Berth\n  Name is a text\ntable Boats, each a Boat\n  Name is a text\n  Berth is one Berth\n"
                ."screen S, first\n  Form for a new Boat asking Name, Berth\n  Input Other is one Berth",
        );
    }

    public function test_around_the_bound_what_is_left_out_is_told(): void
    {
        $this->berths(Scene::CHOICES);
        self::assertSame([Scene::CHOICES, null], $this->offered());
        $this->world->add('Berths', ['name' => 'Zeta']);
        self::assertSame([Scene::CHOICES, 'Only the first 100 Berths are offered here.'], $this->offered());
    }

    public function test_what_is_searched_for_is_found_among_all(): void
    {
        $this->berths(Scene::CHOICES + 50);
        $this->world->add('Berths', ['name' => 'Zeta Ünder']);

        self::assertSame([1, null], $this->offered(['/screens/0/lines/0?berth' => 'zeta']));
        self::assertSame([0, null], $this->offered(['/screens/0/lines/0?berth' => 'nobody']));
        // Another box, and one that was never there, search for themselves.
        self::assertSame([Scene::CHOICES, 'Only the first 100 Berths are offered here.'], $this->offered(['/screens/0/lines/1?other' => 'zeta', '?' => 'x']));
        $other = $this->nodes(['/screens/0/lines/1?other' => 'zeta'])[1]['input'];
        self::assertSame(['Zeta Ünder'], array_column($other['choices'], 'label'));
    }

    private function berths(int $count): void
    {
        for ($i = 1; $i <= $count; $i++) {
            $this->world->add('Berths', ['name' => sprintf('Berth %04d', $i)]);
        }
    }

    /**
     * @param  array<string, string>  $finds
     * @return list<array<string, mixed>>
     */
    private function nodes(array $finds): array
    {
        $player = new Player($this->world->blueprint, $this->world->store, rehearsal: true);

        return $player->show(new Visit(World::moment(), 's', finds: $finds), Trail::none())['nodes'];
    }

    /**
     * @param  array<string, string>  $finds
     * @return array{int, string|null}
     */
    private function offered(array $finds = []): array
    {
        $box = $this->nodes($finds)[0]['boxes'][1];

        return [count($box['choices']), $box['rest'] ?? null];
    }
}
