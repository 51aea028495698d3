<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Checks;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Check;
use Lanai\Core\Layout\Flaw;

/** Something that can be tapped is smaller than 48 by 48 dp (Android accessibility guidance; WCAG 2.5.8 asks for 24 at least; both from memory). */
final class TooSmallToHit implements Check
{
    public const LEAST = 48;

    public function look(Frame $page, Device $device): iterable
    {
        foreach ($page->all() as $frame) {
            if (isset($frame->box->marks['taps']) && $frame->box->key !== '' && min($frame->width, $frame->height) < self::LEAST - 0.5) {
                yield new Flaw(
                    self::class,
                    $frame->box->key,
                    sprintf('it is %d by %d dp; a finger needs %d by %d', round($frame->width), round($frame->height), self::LEAST, self::LEAST),
                    $device,
                    self::LEAST - min($frame->width, $frame->height),
                );
            }
        }
    }
}
