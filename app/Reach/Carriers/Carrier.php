<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

use App\Outbound\Call;
use App\Outbound\Told;

/** A way to phones. All carriers keep the same contract: what is accepted is carried once, what is gone is said so, and what may go well later is. */
interface Carrier
{
    /**
     * The call that hands a message over; what became of it, where that takes no call.
     *
     * @throws NotCarried where it cannot be handed over at all
     */
    public function call(Parcel $parcel): Call|Carried;

    /** What the carrier has said to it. */
    public function heard(Told $told): Carried;
}
