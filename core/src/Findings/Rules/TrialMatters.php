<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OnScreens;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\AboutRow;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Reach\Trial;
use Lanai\Core\Model\Screen;

/** A trial that shows nobody anything else, or of which nothing will be known. */
final class TrialMatters implements Rule
{
    public function holds(): string
    {
        return 'What is tried side by side can be shown, and it is counted which way leads further.';
    }

    public function station(): Station
    {
        return Station::Reach;
    }

    public function look(Reading $reading): iterable
    {
        $taken = [];
        foreach ($reading->blueprint->trials as $i => $trial) {
            $said = self::amiss($reading->blueprint, $trial) ?? self::lost($reading, $trial) ?? (in_array(mb_strtolower($trial->instead), $taken, true)
                ? "In place of $trial->instead another trial shows something else already: one after the other."
                : null);
            if ($said !== null) {
                yield Finding::warning(self::class, "/trials/$i", $said, new Mend('Leave this trial out', [['op' => 'remove', 'path' => "/trials/$i"]]));
            }
            $taken[] = mb_strtolower($trial->instead);
        }
    }

    /** Why nobody is shown what is tried, or nothing would be known of it; null for nothing. */
    private static function amiss(Blueprint $blueprint, Trial $trial): ?string
    {
        $shown = $blueprint->screen($trial->shown);
        $instead = $blueprint->screen($trial->instead);
        $funnels = array_map(mb_strtolower(...), array_column($blueprint->funnels, 'name'));

        return match (true) {
            $trial->shown === '' || $trial->instead === '' => "Say what “{$trial->name}” shows, and instead of which screen.",
            $shown === null => "There is no screen “{$trial->shown}”: “{$trial->name}” shows nobody anything else.",
            $instead === null => "There is no screen “{$trial->instead}”: “{$trial->name}” shows nobody anything else.",
            $shown === $instead => "“{$trial->name}” shows $trial->shown instead of itself.",
            self::rows($shown) !== self::rows($instead) => "$trial->shown and $trial->instead are about different things: one cannot stand in for the other.",
            $trial->funnel === '' => "Say which funnel “{$trial->name}” is counted by, so that it is known which way leads further.",
            ! in_array(mb_strtolower($trial->funnel), $funnels, true) => "There is no funnel “{$trial->funnel}”: “{$trial->name}” is not counted.",
            default => null,
        };
    }

    /** A step of the funnel that can be taken on the one screen and not on the other: nobody of that way would come to the end. */
    private static function lost(Reading $reading, Trial $trial): ?string
    {
        $shown = $reading->blueprint->screenIndex($trial->shown);
        foreach ($reading->blueprint->funnels as $funnel) {
            foreach (mb_strtolower($funnel->name) === mb_strtolower($trial->funnel) ? $funnel->steps : [] as $step) {
                $isThere = mb_strtolower($step->screen) === mb_strtolower($trial->instead);
                $amiss = $isThere && $shown !== null ? OnScreens::amiss($reading, $step, $shown) : null;
                if ($amiss !== null) {
                    return "$amiss, but it is a step of “{$funnel->name}”: whoever is shown $trial->shown never comes to its end.";
                }
            }
        }

        return null;
    }

    /** @return list<string> */
    private static function rows(Screen $screen): array
    {
        return array_map(fn (AboutRow $about): string => mb_strtolower($about->one), $screen->about);
    }
}
