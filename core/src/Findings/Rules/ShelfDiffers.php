<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** Something that a store does not sell, or sells otherwise than is said: people pay what the store says. */
final class ShelfDiffers implements Rule
{
    public function holds(): string
    {
        return 'What stores sell is what is said.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->isAround() ? $reading->shelves : [] as [$at, $store, $differs]) {
            yield Finding::warning(self::class, $at, "$differs at $store. Put it up there again, on the page “Tills”.");
        }
    }
}
