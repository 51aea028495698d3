<?php

declare(strict_types=1);

namespace App\Reach;

use App\Space;
use DateTimeImmutable;
use Lanai\Core\Language\Families;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Reach\Tapped;

/** How often each line of a screen was tapped, for the figures beside them. */
final readonly class LineCounts
{
    /** So many lines of a screen are looked at. */
    private const MOST = 2_000;

    public function __construct(private Space $space)
    {
    }

    /** @return array{views: int, lines: array<string, int>} by the places of the lines; those with the same words have the same figure */
    public function of(int $screen, DateTimeImmutable $now): array
    {
        $blueprint = $this->space->blueprint();
        $slug = ($blueprint->screens[$screen] ?? null)?->slug();
        if ($slug === null) {
            return ['views' => 0, 'lines' => []];
        }
        $book = new CountBook($this->space);
        [$from, $before] = [$now->modify('-'.(Figures::DAYS - 1).' days'), $now->modify('+1 day')];
        $taps = $book->sumsOf('tap', "$slug|", $from, $before);
        $lines = [];
        $screens = $blueprint->data()['screens'] ?? [];
        foreach ($taps === [] ? [] : self::places(is_array($screens) ? $screens[$screen] ?? null : null, "/screens/$screen") as $at) {
            $tapped = Tapped::at($blueprint, $at);
            $count = $tapped === null ? 0 : $taps[Steps::tapping($slug, $tapped->words)] ?? 0;
            if ($count > 0) {
                $lines[$at] = $count;
            }
        }

        return ['views' => $book->sumsOf('screen', $slug, $from, $before)[$slug] ?? 0, 'lines' => $lines];
    }

    /** @return list<string> the places of all that is no effect and has a kind */
    private static function places(mixed $node, string $at): array
    {
        $places = [];
        $open = [[$node, $at]];
        while ($open !== [] && count($places) < self::MOST) {
            [$here, $at] = array_shift($open);
            if (! is_array($here)) {
                continue;
            }
            $kind = $here['kind'] ?? null;
            if (is_string($kind) && ! isset(Families::of(AnyEffect::class)->kinds[$kind])) {
                $places[] = $at;
            }
            foreach ($here as $key => $part) {
                is_array($part) && $open[] = [$part, "$at/$key"];
            }
        }

        return $places;
    }
}
