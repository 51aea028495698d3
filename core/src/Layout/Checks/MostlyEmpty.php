<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Checks;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Check;
use Lanai\Core\Layout\Flaw;

/** A tablet shows a few things in a corner and leaves most of the screen empty. */
final class MostlyEmpty implements Check
{
    /** The share of the page that must be used (common practice, no source). */
    private const LEAST = 0.2;

    /** A screen of fewer lines is still being made. */
    private const LINES = 3;

    /** So few lines with something to do are one step of a way, such as typing a code: that may be short (common practice, no source). */
    private const STEP = 7;

    public function look(Frame $page, Device $device): iterable
    {
        foreach ($device->isTablet() && $device->text === 1.0 ? $page->children : [] as $main) {
            $lines = count($main->children);
            if ($main->box->key !== 'main' || $lines < self::LINES || ($lines <= self::STEP && self::isDone($main))) {
                continue;
            }
            $used = 0.0;
            foreach ($main->children as $line) {
                $down = min($line->bottom(), $main->bottom()) - max($line->y, $main->y);
                $used += max(0.0, $down) * (isset($line->box->marks['glance']) ? $main->width : self::reach($line));
            }
            $share = $used / max(1.0, $main->width * $main->height);
            if ($share < self::LEAST) {
                yield new Flaw(self::class, 'main', sprintf('%d %% of the screen is empty', round(100 - $share * 100)), $device, 1 - $share);
            }
        }
    }

    /** Whether there is something to tap or to fill in. */
    private static function isDone(Frame $frame): bool
    {
        foreach ($frame->children as $child) {
            if (isset($child->box->marks['taps']) || self::isDone($child)) {
                return true;
            }
        }

        return false;
    }

    /** How far across a line reaches with what it shows. */
    private static function reach(Frame $frame): float
    {
        if ($frame->box->text !== null) {
            return isset($frame->box->marks['taps']) ? $frame->width : max([0.0, ...$frame->lines]) + $frame->box->padding->across();
        }

        return $frame->children === []
            ? $frame->width
            : min($frame->width, max(array_map(self::reach(...), $frame->children)) + ($frame->box->flow === 'column' ? 0 : $frame->width));
    }
}
