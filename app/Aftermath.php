<?php

declare(strict_types=1);

namespace App;

use App\Apps\Reports;
use App\Jobs\DoLater;
use App\Jobs\SendLetters;
use Illuminate\Support\Str;
use Lanai\Core\Play\Outcome;

/** Everything that follows an outcome, whoever ran it: a tap, a routine, a webhook. */
final class Aftermath
{
    /**
     * @param  int|null  $person  in whose name it was done; null for nobody's
     * @param  string  $zone  the IANA time zone of whoever did it
     */
    public static function of(Outcome $outcome, Space $space, ?int $person = null, string $zone = 'UTC'): void
    {
        foreach ($outcome->later as $later) {
            DoLater::dispatch($space->app->id, $space->set->value, $later->routine, $later->given, $person, $zone, (string) Str::uuid())
                ->delay($later->seconds);
        }
        SendLetters::keep($outcome, $space->app, $space->set);
        Reports::keep($outcome, $space, $person);
    }
}
