<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** Leads out of the app to an address. */
interface LeadsOut
{
    /** The blank in which the address stands. */
    public static function leadsBy(): string;
}
