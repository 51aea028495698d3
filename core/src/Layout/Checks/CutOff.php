<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Checks;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Check;
use Lanai\Core\Layout\Flaw;

/** A text that must stay on its line does not fit, or what is in a box of a fixed height does not. */
final class CutOff implements Check
{
    public function look(Frame $page, Device $device): iterable
    {
        foreach ($page->all() as $frame) {
            $marks = $frame->box->marks;
            if (isset($marks['cut']) && $frame->box->text !== null && $frame->box->text->natural() > $frame->width + 0.5) {
                yield new Flaw(
                    self::class,
                    $frame->box->key,
                    '“'.$frame->box->text->text().'” is cut off',
                    $device,
                    $frame->box->text->natural() / max(1.0, $frame->width),
                );
            }
            $bottom = max([0.0, ...array_map(fn (Frame $f): float => $f->bottom(), $frame->children)]) + $frame->box->padding->bottom;
            $high = $frame->box->text === null ? $bottom - $frame->y : count($frame->lines) * $frame->box->text->line + $frame->box->padding->down();
            if (isset($marks['fixed']) && $high > $frame->height + 0.5) {
                yield new Flaw(
                    self::class,
                    $frame->box->key,
                    sprintf('what is in it needs %d dp, but its height is %d dp', ceil($high), $frame->height),
                    $device,
                    $high / max(1.0, $frame->height),
                );
            }
        }
    }
}
