<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Checks;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Check;
use Lanai\Core\Layout\Flaw;

/** Two things that can be tapped lie upon each other. */
final class Overlap implements Check
{
    public function look(Frame $page, Device $device): iterable
    {
        // The page scrolls, so only what stands in the same part of it can lie upon each other for good.
        foreach ($page->children as $part) {
            $taps = [];
            self::gather($part, [], $taps);
            usort($taps, fn (array $a, array $b): int => $a[0]->y <=> $b[0]->y);
            foreach ($taps as $i => [$one, $around]) {
                for ($k = $i + 1; $k < count($taps) && $taps[$k][0]->y < $one->bottom() - 1; $k++) {
                    [$other, $aroundOther] = $taps[$k];
                    $across = min($one->right(), $other->right()) - max($one->x, $other->x);
                    $down = min($one->bottom(), $other->bottom()) - $other->y;
                    if ($across > 1 && $down > 1 && ! in_array($other, $around, true) && ! in_array($one, $aroundOther, true)) {
                        yield new Flaw(self::class, $other->box->key, 'it lies upon another thing that can be tapped', $device, $across * $down);
                    }
                }
            }
        }
    }

    /**
     * @param  list<Frame>  $around  the frames that it stands in and that can be tapped
     * @param  list<array{Frame, list<Frame>}>  $taps
     */
    private static function gather(Frame $frame, array $around, array &$taps): void
    {
        if (isset($frame->box->marks['taps']) && $frame->box->key !== '') {
            $taps[] = [$frame, $around];
            $around[] = $frame;
        }
        foreach ($frame->children as $child) {
            self::gather($child, $around, $taps);
        }
    }
}
