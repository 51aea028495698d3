<?php

declare(strict_types=1);

namespace Lanai\Core\Layout\Checks;

use Lanai\Core\Findings\Mend;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;
use Lanai\Core\Layout\Check;
use Lanai\Core\Layout\Flaw;

/** More than one advert in sight at a time, wherever the page is scrolled to: stores want one at most (common practice, no source). */
final class AdvertsInSight implements Check
{
    public function look(Frame $page, Device $device): iterable
    {
        foreach ($page->children as $part) {
            $adverts = array_values(array_filter(iterator_to_array($part->all(), false), fn (Frame $frame): bool => isset($frame->box->marks['advert'])));
            usort($adverts, fn (Frame $a, Frame $b): int => [$a->y, $a->x] <=> [$b->y, $b->x]);
            foreach ($adverts as $n => $advert) {
                $before = $adverts[$n - 1] ?? null;
                // Half of one and half of the next are seen at once.
                $apart = $before === null ? INF : $advert->y + $advert->height / 2 - ($before->y + $before->height / 2);
                if ($before !== null && $apart < $part->height) {
                    $said = sprintf('two adverts are in sight at once: %d dp lie between them, and %d are seen', round($apart), round($part->height));
                    $enough = self::enough($before, $advert, $apart, $part->height);
                    $mend = $enough === null
                        ? null
                        : new Mend("One after every $enough", [['op' => 'replace', 'path' => AdvertTooNear::at($advert).'/adverts', 'value' => $enough]]);
                    yield new Flaw(self::class, AdvertTooNear::at($advert), $said, $device, $enough ?? $part->height - $apart, $mend);
                }
            }
        }
    }

    /** After how many items one is enough, where both stand in the same list; null where not. */
    private static function enough(Frame $before, Frame $advert, float $apart, float $seen): ?int
    {
        $every = $advert->box->marks['every'] ?? null;
        $list = $advert->box->marks['list'] ?? null;
        if (! is_int($every) || ! is_string($list) || $list !== ($before->box->marks['list'] ?? null)) {
            return null;
        }
        $around = $advert->height + $advert->box->margin->down();
        $item = max(1.0, ($apart - $around) / $every);

        return min(50, (int) ceil(($seen - $around) / $item) + 1);
    }
}
