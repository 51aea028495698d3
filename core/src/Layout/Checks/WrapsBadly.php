<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Checks;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Check;
use Lanai\Core\Layout\Flaw;
use Lanai\Core\Text\Pattern;

/** A word is broken in two, or the label of a button needs more than two lines. */
final class WrapsBadly implements Check
{
    public function look(Frame $page, Device $device): iterable
    {
        yield from self::within($page, '', $device);
    }

    /** @return iterable<Flaw> */
    private static function within(Frame $frame, string $at, Device $device): iterable
    {
        $at = $frame->box->key === '' ? $at : $frame->box->key;
        $text = $frame->box->text;
        if ($text !== null && $text->wraps) {
            $lines = count($frame->lines);
            if ($frame->broken && ! Pattern::match('~^\S{25,}$~', trim($text->text()))) {
                yield new Flaw(self::class, $at, 'a word of “'.mb_strimwidth($text->text(), 0, 40, '…').'” is broken in two', $device, 10);
            } elseif (isset($frame->box->marks['label']) && $lines > ($device->text > 1.5 ? 4 : 2)) {
                yield new Flaw(self::class, $at, "its words “{$text->text()}” need $lines lines", $device, $lines);
            }
        }
        foreach ($frame->children as $child) {
            yield from self::within($child, $at, $device);
        }
    }
}
