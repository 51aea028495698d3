<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** What an app keeps of people is told to stores with a package. What is live before they have heard is held against whoever declared it. */
final class DeclaredOtherwise implements Rule
{
    public function holds(): string
    {
        return 'Stores were told of all that the app keeps of people.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->isAround() ? $reading->told : [] as [$store, $says]) {
            yield Finding::warning(self::class, '/release', "Something else than $store: $says It is handed in with the next package; put it live after that.");
        }
    }
}
