<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** Through what is sold: a till, or, in a rehearsal, a kind of till. What each keeps, and when it pays, is common practice, no source. */
enum Sold: string
{
    case SmallStore = 'store15';
    case Store = 'store30';
    case Card = 'card';
    case Quay = 'quay';
    case Pier = 'pier';

    /** @return list<self> those that a rehearsal can choose from */
    public static function kinds(): array
    {
        return [self::SmallStore, self::Store, self::Card];
    }

    /** @return list<self> those that take money */
    public static function tills(): array
    {
        return [self::Card, self::Quay, self::Pier];
    }

    public function terms(): Terms
    {
        return match ($this) {
            self::SmallStore => new Terms('store', '15', paysAfter: 1),
            self::Store => new Terms('store', '30', paysAfter: 1),
            self::Card => new Terms('Till', '1.5', 25, false, disputeFee: 1500),
            self::Quay => new Terms('Quay', '15', paysAfter: 1),
            self::Pier => new Terms('Pier', '15', paysAfter: 1),
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::SmallStore => 'a store that keeps 15 %',
            self::Store => 'a store that keeps 30 %',
            self::Card => 'cards, for 1.5 % and 0.25 each',
            self::Quay => 'Quay, a store for Android',
            self::Pier => 'Pier, a store for iOS',
        };
    }
}
