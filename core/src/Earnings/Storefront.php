<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeZone;

/** Where somebody buys, before a till knows better: the country whose clock their device keeps (IANA time zone database, zone.tab). */
final class Storefront
{
    /** @return string ISO 3166-1; '' where the zone belongs to no country */
    public static function of(DateTimeZone $zone): string
    {
        $place = $zone->getLocation();
        $country = is_array($place) ? $place['country_code'] : '';

        return strlen($country) === 2 && $country !== '??' ? $country : '';
    }
}
