<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** Tiles of a map that all have one address, so that none can be drawn. */
final class TilesIncomplete implements Rule
{
    public function holds(): string
    {
        return 'Where a service draws maps, its address has {z}, {x} and {y} in it.';
    }

    public function station(): Station
    {
        return Station::Services;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->services as $i => $service) {
            foreach ($service->tiles as $j => $tiles) {
                if (! $tiles->isWhole()) {
                    $missing = array_filter(['{z}', '{x}', '{y}'], fn (string $part): bool => ! str_contains($tiles->path, $part));
                    yield Finding::warning(
                        self::class,
                        "/services/$i/tiles/$j/path",
                        "Maps of $service->name are not drawn: its path lacks ".
                            implode(' and ', $missing).
                            '. Write it as in “/tiles/{z}/{x}/{y}.png”, where {z} is the zoom, {x} the column and {y} the row.',
                    );
                }
            }
        }
    }
}
