<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Checks;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Check;
use Lanai\Core\Layout\Flaw;

/**
 * An advert so near to something that is tapped, or that moves under the finger, that it is tapped by mistake. Stores and networks refuse that (common
 * practice, no source for the number).
 */
final class AdvertTooNear implements Check
{
    /** Room between an advert and what is tapped, in dp. */
    public const LEAST = 16;

    public function look(Frame $page, Device $device): iterable
    {
        [$adverts, $things] = [[], []];
        foreach ($page->children as $i => $part) {
            $adverts[$i] = $things[$i] = [];
            self::gather($part, [], $adverts[$i], $things[$i]);
        }
        foreach ($page->children as $i => $part) {
            // What stands still beside a page that is scrolled is never near to anything in it for good; what lies over it comes to lie upon it.
            $isStill = fn (int $n): bool => $n === $i || ($part->box->key !== 'main' && $page->children[$n]->box->key !== 'main');
            $still = array_filter(array_keys($page->children), $isStill);
            $near = array_merge(...array_map(fn (int $n): array => $things[$n], array_values($still)));
            $over = array_merge(...array_map(fn (int $n): array => $page->children[$n]->box->key === 'floats' ? $things[$n] : [], array_keys($page->children)));
            foreach ($adverts[$i] as [$advert, $around]) {
                yield from self::of($advert, $around, $near, $device);
                foreach ($part->box->key === 'main' ? $over : [] as $one) {
                    if (self::gap($advert->x, $advert->right(), $one->x, $one->right()) < self::LEAST) {
                        yield new Flaw(self::class, self::at($advert), 'the button that floats comes to lie upon the advert', $device, self::LEAST);
                    }
                }
            }
        }
    }

    /** By what an advert is called: its own key, or its list's. */
    public static function at(Frame $advert): string
    {
        $list = $advert->box->marks['list'] ?? null;

        return is_string($list) ? $list : $advert->box->key;
    }

    /**
     * @param  list<Frame>  $around  in which it stands
     * @param  list<Frame>  $things
     * @return iterable<Flaw>
     */
    private static function of(Frame $advert, array $around, array $things, Device $device): iterable
    {
        foreach ($around as $frame) {
            if (isset($frame->box->marks['scrolls']) && $frame->box->flow === 'row') {
                yield new Flaw(self::class, self::at($advert), 'the advert stands in what moves under the finger', $device, self::LEAST);
            }
        }
        $top = $advert->y + self::mark($advert);
        $nearest = null;
        $least = (float) self::LEAST;
        foreach ($things as $thing) {
            $across = self::gap($advert->x, $advert->right(), $thing->x, $thing->right());
            $down = self::gap($top, $advert->bottom(), $thing->y, $thing->bottom());
            if (hypot($across, $down) < $least - 0.5 && ! in_array($thing, $around, true)) {
                [$nearest, $least] = [$thing, hypot($across, $down)];
            }
        }
        if ($nearest !== null) {
            $what = isset($nearest->box->marks['taps']) ? 'something that is tapped' : 'something that moves under the finger';
            $said = sprintf('the advert is %d dp from %s; %d have to be free', round($least), $what, self::LEAST);
            yield new Flaw(self::class, self::at($advert), $said, $device, self::LEAST - $least);
        }
    }

    /** What is said over an advert is not tapped. */
    private static function mark(Frame $advert): float
    {
        return is_int($advert->box->marks['advert'] ?? null) ? (float) $advert->box->marks['advert'] : 0.0;
    }

    /** From the end of one to the beginning of the other; 0 where they lie side by side. */
    private static function gap(float $from, float $to, float $otherFrom, float $otherTo): float
    {
        return max(0.0, $otherFrom - $to, $from - $otherTo);
    }

    /**
     * @param  list<Frame>  $around
     * @param  list<array{Frame, list<Frame>}>  $adverts
     * @param  list<Frame>  $things
     */
    private static function gather(Frame $frame, array $around, array &$adverts, array &$things): void
    {
        $marks = $frame->box->marks;
        if (isset($marks['advert'])) {
            $adverts[] = [$frame, $around];

            return;
        }
        if (isset($marks['taps']) || isset($marks['map']) || (isset($marks['scrolls']) && $frame->box->flow === 'row')) {
            $things[] = $frame;
        }
        foreach ($frame->children as $child) {
            self::gather($child, [...$around, $frame], $adverts, $things);
        }
    }
}
