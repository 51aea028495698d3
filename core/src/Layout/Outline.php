<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;

/** What a screen looks like before anything is in it: where its words and pictures will stand, and none of them. */
final class Outline
{
    /** More blocks are not told apart. */
    private const MOST = 40;

    /** Narrower and lower ones are not seen, in dp. */
    private const LEAST = 8;

    /** So high a line of words looks, as a part of the line. */
    private const WORDS = 0.55;

    /**
     * The blocks of the page that are seen without scrolling, from its own corner.
     *
     * @param  array<string, mixed>  $view  as in docs/view.schema.json
     * @return list<array{int, int, int, int}> x, y, width and height in dp
     */
    public static function of(array $view, Device $device, bool $beside = false): array
    {
        if (($view['problem'] ?? '') !== '') {
            return [];
        }
        foreach (Page::frames($view, $device, $beside)->all() as $main) {
            if ($main->box->key === 'main') {
                $blocks = array_slice(iterator_to_array(self::seen($main, $main->bottom()), false), 0, self::MOST);

                return array_map(
                    fn (array $b): array => [(int) round($b[0] - $main->x), (int) round($b[1] - $main->y), (int) round($b[2]), (int) round($b[3])],
                    $blocks,
                );
            }
        }

        return [];
    }

    /** @return iterable<array{float, float, float, float}> */
    private static function seen(Frame $frame, float $below): iterable
    {
        if ($frame->y >= $below) {
            return;
        }
        if ($frame->box->text !== null) {
            $inner = $frame->y + $frame->box->padding->top;
            $high = $frame->box->text->line;
            foreach ($frame->lines as $i => $width) {
                $bar = $high * self::WORDS;
                $block = [$frame->x + $frame->box->padding->left, $inner + $i * $high + ($high - $bar) / 2, $width, $bar];
                if ($width >= self::LEAST && $block[1] < $below) {
                    yield $block;
                }
            }

            return;
        }
        if ($frame->children === [] && $frame->width >= self::LEAST && $frame->height >= self::LEAST) {
            yield [$frame->x, $frame->y, $frame->width, min($frame->height, $below - $frame->y)];
        }
        foreach ($frame->children as $child) {
            yield from self::seen($child, $below);
        }
    }
}
