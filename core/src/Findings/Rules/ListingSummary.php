<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\ListingText;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

final class ListingSummary implements Rule
{
    public function holds(): string
    {
        return ListingText::summary()->holds();
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        yield from ListingText::summary()->look(self::class, $reading->blueprint);
    }
}
