<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Layout;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Layout\Outline;
use Lanai\Core\Layout\Page;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where words and pictures will stand on a screen that is not there yet. */
final class OutlineTest extends TestCase
{
    public function test_blocks_stand_where_words_and_pictures_will_and_nowhere_else(): void
    {
        $world = World::saltlark();
        foreach (range(1, 12) as $i) {
            $world->add($world->blueprint->tables[0]->name, []);
        }
        foreach (Device::all() as $device) {
            foreach ($world->blueprint->screens as $screen) {
                $view = $world->show($screen->slug());
                $blocks = Outline::of($view, $device);
                self::assertLessThanOrEqual(40, count($blocks));
                if ($view['problem'] !== '') {
                    self::assertSame([], $blocks);

                    continue;
                }
                $frames = iterator_to_array(Page::frames($view, $device)->all(), false);
                [$main] = array_values(array_filter($frames, fn ($f): bool => $f->box->key === 'main'));
                foreach ($blocks as [$x, $y, $width, $height]) {
                    self::assertTrue($y >= 0 && $y + $height <= $main->height + 1 && $width >= 8, "$screen->name on $device->name: $x, $y, $width, $height");
                    $inside = array_filter(
                        $frames,
                        fn ($f): bool => $f->children === [] &&
                            $f->x - $main->x <= $x + 1 &&
                            $f->right() - $main->x >= $x + $width - 1 &&
                            $f->y - $main->y <= $y + 1 &&
                            $f->bottom() - $main->y >= $y + $height - 1,
                    );
                    self::assertNotSame([], $inside);
                }
            }
        }
    }

    #[TestWith([390, 844, 'a phone'])]
    #[TestWith([400, 800, 'a phone'])]
    #[TestWith([320, 500, 'a small phone'])]
    #[TestWith([900, 420, 'a phone on its side'])]
    #[TestWith([1280, 800, 'a tablet on its side'])]
    #[TestWith([800, 1280, 'a tablet'])]
    public function test_a_window_is_like_the_nearest_device(float $width, float $height, string $name): void
    {
        self::assertSame($name, Device::like($width, $height)->name);
    }
}
