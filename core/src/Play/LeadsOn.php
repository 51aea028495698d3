<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Model\Blueprint;

/** An effect that may do nothing but open a screen about the row that was tapped: a device knows the way without asking. */
interface LeadsOn
{
    /** The screen's name in addresses; '' where it leads elsewhere, or not by the row alone. */
    public function leads(Blueprint $blueprint): string;
}
