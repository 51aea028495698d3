<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

use App\Outbound\Told;
use App\Reach\Shelf;

/** To packages without a carrier: the message lies ready, and the phone fetches it within about a quarter of an hour. */
final readonly class OwnWay implements Carrier
{
    public function __construct(private Shelf $shelf)
    {
    }

    public function call(Parcel $parcel): Carried
    {
        $this->shelf->lay($parcel);

        return Carried::sent();
    }

    /** Nobody else is asked, so whatever is said was not asked for. */
    public function heard(Told $told): Carried
    {
        return Carried::refused('Messages that phones fetch are carried by nobody else.');
    }
}
