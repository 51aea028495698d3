<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Tests;

use Lanai\Core\Layout\Device;
use Lanai\Core\Layout\Flaw;
use Lanai\Core\Layout\Frame;
use Lanai\Core\Layout\Test;

/** Two things that can be tapped lie upon each other. */
final class Overlap implements Test
{
    public function look(Frame $page, Device $device): iterable
    {
        $taps = [];
        foreach ($page->all() as $frame) {
            if (isset($frame->box->marks['taps']) && $frame->box->key !== '') {
                $taps[] = $frame;
            }
        }
        // The page scrolls, so only what stands in the same room can lie upon each other for good.
        foreach ($taps as $i => $one) {
            foreach (array_slice($taps, $i + 1) as $other) {
                $across = min($one->right(), $other->right()) - max($one->x, $other->x);
                $down = min($one->bottom(), $other->bottom()) - max($one->y, $other->y);
                if ($across > 1 && $down > 1 && ! self::holds($one, $other) && self::room($page, $one) === self::room($page, $other)) {
                    yield new Flaw(self::class, $other->box->key, 'it lies upon another thing that can be tapped', $device, $across * $down);
                }
            }
        }
    }

    private static function holds(Frame $one, Frame $other): bool
    {
        foreach ($one->all() as $inner) {
            if ($inner === $other) {
                return true;
            }
        }

        return false;
    }

    private static function room(Frame $page, Frame $frame): string
    {
        foreach ($page->children as $part) {
            if (self::holds($part, $frame)) {
                return $part->box->key;
            }
        }

        return '';
    }
}
