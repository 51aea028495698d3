<?php

declare(strict_types=1);

namespace Lanai\Core\Tests;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\ScreenMap;
use Lanai\Core\Edits\Several;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Page;
use Lanai\Core\Model\AboutRow;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\BlueprintMaker;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Properties of the screens of any app, and of those of the demo. */
final class AnyScreenTest extends TestCase
{
    public function test_any_screen_can_be_laid_out_on_any_device(): void
    {
        $laid = 0;
        foreach (range(1, 40) as $seed) {
            $app = $this->app($seed);
            $store = new InMemoryRecordStore($app);
            foreach ($app->tables as $table) {
                $store->add($table, []);
            }
            foreach ($app->screens as $screen) {
                $view = (new Player($app, $store, rehearsal: true))->show(new Visit(World::moment(), $screen->slug(), [1, 1, 1, 1], 1), Trail::none());
                foreach ([Device::all()[0], Device::all()[11], Device::all()[3]->reading(2)] as $device) {
                    $this->holds(Page::frames($view, $device), "seed $seed, $screen->name, $device->name");
                    $laid++;
                }
            }
        }
        self::assertGreaterThan(60, $laid);
    }

    public function test_any_app_has_a_map_on_which_no_screen_lies_upon_another(): void
    {
        foreach (range(1, 40) as $seed) {
            $app = $this->app($seed);
            $map = ScreenMap::of($app);
            self::assertCount(count($app->screens), $map->screens);
            $corners = array_map(fn (array $s): string => "{$s['x']} {$s['y']}", $map->screens);
            self::assertSame($corners, array_unique($corners), "seed $seed");
        }
    }

    public function test_every_node_that_is_drawn_is_found_again_by_its_place(): void
    {
        $found = 0;
        foreach ($this->demo() as [$app, $player, $screen, $visit]) {
            $view = $player->show($visit, Trail::none());
            foreach ($this->nodes($view['nodes']) as $node) {
                $outcome = $player->tap($visit, $node['at'], null, '', Trail::none());
                self::assertNotSame(
                    'This screen has just changed. Please try again.',
                    $node['taps'] ?? false ? $outcome->refused : '',
                    "{$screen->name} {$node['at']}",
                );
                $found++;
            }
        }
        self::assertGreaterThan(80, $found);
    }

    public function test_lines_that_became_a_piece_draw_what_they_drew(): void
    {
        $made = 0;
        foreach ($this->demo() as [$app, $player, $screen, $visit]) {
            $index = $app->screenIndex($screen->name);
            $before = $this->words($player->show($visit, Trail::none())['nodes']);
            for ($i = 0; $i + 1 < count($screen->lines()); $i++) {
                try {
                    $after = Several::of($app, ["/screens/$index/lines/$i", "/screens/$index/lines/".($i + 1)])->extracted('Taken out')->blueprint;
                } catch (EditRefused $refused) {
                    self::assertStringContainsString('typed into the screen', $refused->getMessage());

                    continue;
                }
                $shown = (new Player($after, $this->store($after), rehearsal: true))->show($visit, Trail::none())['nodes'];
                // What is pinned or floats is drawn where the piece stands; the words stay the same and in the same order.
                self::assertSame($before, $this->words($shown), "$screen->name, lines $i and ".($i + 1));
                $made++;
            }
        }
        self::assertGreaterThan(30, $made);
    }

    public function test_lines_that_were_grouped_draw_what_they_drew(): void
    {
        foreach ($this->demo() as [$app, $player, $screen, $visit]) {
            $index = $app->screenIndex($screen->name);
            if (count($screen->lines()) < 2) {
                continue;
            }
            $after = Several::of($app, ["/screens/$index/lines/0", "/screens/$index/lines/1"])->grouped();
            self::assertSame(
                $this->words($player->show($visit, Trail::none())['nodes']),
                $this->words((new Player($after->blueprint, $this->store($after->blueprint), rehearsal: true))->show($visit, Trail::none())['nodes']),
            );
            self::assertSame($app->script(), EditResult::by($after->blueprint, $after->inverse)->blueprint->script());
        }
    }

    public function test_the_same_screen_is_never_narrower_than_its_device_nor_are_its_lines_lost_on_a_wider_one(): void
    {
        foreach ($this->demo() as [, $player, $screen, $visit]) {
            $view = $player->show($visit, Trail::none());
            $heights = [];
            foreach ([320, 390, 430] as $width) {
                $page = Page::frames($view, new Device('a phone', $width, 800));
                self::assertSame((float) $width, $page->width);
                $heights[] = array_sum(
                    array_map(fn (Frame $f): float => $f->box->text === null ? 0 : count($f->lines), iterator_to_array($page->all(), false)),
                );
            }
            self::assertGreaterThanOrEqual($heights[2], $heights[0], "$screen->name: text needs no fewer lines where there is less room");
        }
    }

    private function holds(Frame $page, string $where): void
    {
        foreach ($page->all() as $frame) {
            self::assertTrue(is_finite($frame->x) && is_finite($frame->y) && $frame->width >= 0 && $frame->height >= 0 && is_finite($frame->height), $where);
            foreach ($frame->children as $child) {
                // Text wraps, so nothing that has its own way is wider than the screen; what says a width may be, and is then a finding.
                self::assertLessThan(20000, $child->height, $where);
            }
        }
    }

    private function app(int $seed): Blueprint
    {
        return Blueprint::fromData((new BlueprintMaker($seed))->make(Blueprint::class));
    }

    /** @return iterable<array{Blueprint, Player, Screen, Visit}> */
    private function demo(): iterable
    {
        $app = Blueprint::fromScript((string) file_get_contents(__DIR__.'/../../database/demo/saltlark.script'));
        foreach ($app->screens as $screen) {
            yield [
                $app,
                new Player($app, $this->store($app), rehearsal: true),
                $screen,
                new Visit(
                    World::moment(),
                    $screen->slug(),
                    array_map(fn (AboutRow $p): int => (int) array_search($p->one, ['', 'Spot', 'Swim', 'Person', 'Booking', 'Post'], true), $screen->about),
                    3,
                ),
            ];
        }
    }

    /** One row of each table, each linked with the others. */
    private function store(Blueprint $app): InMemoryRecordStore
    {
        $store = new InMemoryRecordStore($app);
        $rows = [
            'Spots' => ['name' => 'Cove', 'shore' => 'North', 'water' => 14.0, 'note' => 'Calm', 'bottom' => 'sand'],
            'Swims' => ['title' => 'Dip', 'spot' => 1, 'starts' => World::at('2026-12-25 07:00'), 'places' => 3, 'host' => 3],
            'People' => ['name' => 'Ines', 'about' => 'Swims', 'favourite_spots' => [1]],
            'Bookings' => ['swim' => 2, 'person' => 3, 'name' => 'Ines', 'booked' => World::at('2026-12-23 07:00')],
            'Posts' => ['words' => 'Glass', 'spot' => 1, 'author' => 3, 'posted' => World::at('2026-12-23 08:00')],
            'Comments' => ['post' => 5, 'words' => 'Fine', 'author' => 3, 'said' => World::at('2026-12-23 09:00')],
        ];
        foreach ($rows as $table => $values) {
            $store->add($app->table($table) ?? self::fail($table), $values);
        }

        return $store;
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @return iterable<array<string, mixed>>
     */
    private function nodes(array $nodes): iterable
    {
        foreach ($nodes as $node) {
            yield $node;
            yield from $this->nodes($node['nodes'] ?? []);
            foreach ([...$node['sections'] ?? [], ...$node['pages'] ?? [], ...$node['items'] ?? []] as $part) {
                yield from $this->nodes($part['nodes'] ?? []);
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @return list<string>
     */
    private function words(array $nodes): array
    {
        $words = [];
        foreach ($this->nodes($nodes) as $node) {
            foreach (['text', 'label', 'title', 'alt', 'empty'] as $key) {
                if (is_string($node[$key] ?? null) && $node[$key] !== '') {
                    $words[] = $node[$key];
                }
            }
            foreach (($node['kind'] ?? '') === 'list' ? $node['items'] : [] as $item) {
                $words[] = implode('|', array_filter($item, is_string(...)));
            }
        }

        return $words;
    }
}
