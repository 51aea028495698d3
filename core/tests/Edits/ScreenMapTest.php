<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Edits;

use Lanai\Core\Edits\ScreenMap;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

final class ScreenMapTest extends TestCase
{
    private const APP = "app X\n\nscreen A, first\n  Button \"b\"\n    tapped:\n      go to B\n  Piece P\n\nscreen B\n  Button \"r\"\n    tapped:\n"
        ."      do R\n\nscreen C\n\nscreen D\n  Button \"a\"\n    tapped:\n      go to A\n\nscreen E\n\npiece P\n  Button \"c\"\n    tapped:\n"
            ."      go to C\n\nroutine R\n  start over\n\ntab E as \"E\"\n";

    public function test_screens_stand_in_the_order_in_which_a_person_reaches_them(): void
    {
        $map = ScreenMap::of(Blueprint::fromScript(self::APP));

        self::assertSame([['A', 0], ['E', 0], ['B', 1], ['C', 1], ['D', null]], array_map(fn (array $s): array => [$s['name'], $s['step']], $map->inOrder()));
    }

    public function test_ways_lead_through_pieces_and_routines(): void
    {
        $map = ScreenMap::of(Blueprint::fromScript(self::APP));

        self::assertSame(
            ['0>1', '3>0', '0>2', '1>0'],
            array_map(fn (array $w): string => substr($w['from'], -1).'>'.substr($w['to'], -1), [
                ...array_filter($map->ways, fn (array $w): bool => $w['from'] !== '/screens/1'),
                ...array_filter($map->ways, fn (array $w): bool => $w['from'] === '/screens/1'),
            ]),
        );
    }

    public function test_no_screen_lies_upon_another_and_all_are_on_the_sheet(): void
    {
        $map = ScreenMap::of(Blueprint::fromScript(self::APP));
        foreach ($map->screens as $i => $one) {
            self::assertLessThanOrEqual([$map->width, $map->height], [$one['x'] + ScreenMap::WIDE, $one['y'] + ScreenMap::HIGH]);
            foreach (array_slice($map->screens, $i + 1) as $other) {
                self::assertTrue(
                    abs($one['x'] - $other['x']) >= ScreenMap::WIDE || abs($one['y'] - $other['y']) >= ScreenMap::HIGH,
                    "{$one['name']} {$other['name']}",
                );
            }
        }
    }
}
