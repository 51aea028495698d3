<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** A store that does not hear within three days that what was bought was given gives the money back (common practice, no source). */
final class StoreHasNotHeard implements Rule
{
    public function holds(): string
    {
        return 'Stores have heard that people got what they bought.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->isAround() ? $reading->unheard : [] as [$at, $store]) {
            yield Finding::warning(
                self::class,
                $at,
                "$store has not heard for a day that people got what they bought. After three days it gives their money back: look at the page “Tills”.",
            );
        }
    }
}
