<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** People in a store give fewer stars to the newest version than they gave to the one before. */
final class StarsHaveFallen implements Rule
{
    public function holds(): string
    {
        return 'People like the newest version no less than the one before.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->isAround() ? $reading->fallen : [] as $sentence) {
            yield Finding::warning(self::class, '/release', $sentence);
        }
    }
}
