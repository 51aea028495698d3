<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OnScreens;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** A way whose steps nobody can take, so that nobody is ever counted on it. */
final class FunnelLeadsNowhere implements Rule
{
    public function holds(): string
    {
        return 'Every step of the ways that are counted can be taken.';
    }

    public function station(): Station
    {
        return Station::Reach;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->funnels as $i => $funnel) {
            if (count($funnel->steps) < 2) {
                yield Finding::warning(self::class, "/funnels/$i", "“{$funnel->name}” needs two steps at least: a way has a beginning and an end.");
            }
            foreach ($funnel->steps as $n => $step) {
                $at = "/funnels/$i/steps/$n";
                $screen = $reading->blueprint->screenIndex($step->screen);
                $remove = new Mend('Leave this step out', [['op' => 'remove', 'path' => $at]]);
                if ($screen === null) {
                    yield Finding::warning(self::class, $at, "There is no screen “{$step->screen}”: nobody is counted on “{$funnel->name}”.", $remove);
                } elseif (($amiss = OnScreens::amiss($reading, $step, $screen)) !== null) {
                    yield Finding::warning(self::class, $at, "$amiss: nobody comes further on “{$funnel->name}” than to here.", $remove);
                }
            }
        }
    }
}
