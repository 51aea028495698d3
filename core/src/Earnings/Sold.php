<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** Through what a rehearsal sells. What each keeps, and when it pays, is common practice, no source. */
enum Sold: string
{
    case SmallStore = 'store15';
    case Store = 'store30';
    case Card = 'card';

    public function terms(): Terms
    {
        return match ($this) {
            self::SmallStore => new Terms('store', '15', paysAfter: 1),
            self::Store => new Terms('store', '30', paysAfter: 1),
            self::Card => new Terms('Till', '1.5', 25, false),
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::SmallStore => 'a store that keeps 15 %',
            self::Store => 'a store that keeps 30 %',
            self::Card => 'cards, for 1.5 % and 0.25 each',
        };
    }
}
