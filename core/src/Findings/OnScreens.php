<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Lines\Pages;
use Lanai\Core\Model\Reach\FunnelStep;
use Lanai\Core\Model\Reach\Tapped;

/** What of a funnel can be done on a screen. */
final class OnScreens
{
    /** Why nobody takes a step on a screen; null where they can. @param  int  $screen  its place among the screens */
    public static function amiss(Reading $reading, FunnelStep $step, int $screen): ?string
    {
        $name = $reading->blueprint->screens[$screen]->name;

        return match (true) {
            $step->tapping !== '' && ! self::says($reading, $screen, $step->tapping) => "Nothing on $name says “{$step->tapping}”",
            $step->page !== null && $step->page > self::pages($reading, $screen) => "$name has no page $step->page",
            default => null,
        };
    }

    /** How many pages are swiped on a screen: of several such lines those of the longest. */
    private static function pages(Reading $reading, int $screen): int
    {
        $most = 0;
        foreach ($reading->nodesOf(Pages::class) as $node) {
            $count = is_array($node->data['pages'] ?? null) ? count($node->data['pages']) : 0;
            $most = str_starts_with($node->at, "/screens/$screen/") ? max($most, $count) : $most;
        }

        return $most;
    }

    /** Whether something there is counted by these words. */
    private static function says(Reading $reading, int $screen, string $words): bool
    {
        $screens = $reading->blueprint->data()['screens'] ?? [];
        $open = [is_array($screens) ? $screens[$screen] ?? [] : []];
        while ($open !== []) {
            $here = array_pop($open);
            if (is_array($here)) {
                if (is_string($here['kind'] ?? null) && Tapped::words($here) === $words) {
                    return true;
                }
                array_push($open, ...array_values(array_filter($here, is_array(...))));
            }
        }

        return false;
    }
}
