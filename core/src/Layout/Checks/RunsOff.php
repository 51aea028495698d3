<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Checks;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Check;
use Lanai\Core\Layout\Flaw;

/** Something runs off the side of the screen, where nobody can scroll to it. */
final class RunsOff implements Check
{
    public function look(Frame $page, Device $device): iterable
    {
        yield from self::within($page, $page, $device);
    }

    /** @return iterable<Flaw> the outermost of those that run off */
    private static function within(Frame $frame, Frame $page, Device $device): iterable
    {
        foreach ($frame->children as $child) {
            if (isset($child->box->marks['scrolls']) && $child->box->flow === 'row') {
                continue;
            }
            $over = max($child->right() - $page->right(), $page->x - $child->x);
            if ($over > 0.5 && $child->box->key !== '') {
                yield new Flaw(self::class, $child->box->key, sprintf('it runs %d dp off the side', ceil($over)), $device, $over);
            } else {
                yield from self::within($child, $page, $device);
            }
        }
    }
}
