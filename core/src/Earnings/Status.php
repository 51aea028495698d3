<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** Where a subscription stands. */
enum Status: string
{
    case Offered = 'offered';
    case Trial = 'trial';
    case Active = 'active';
    case Grace = 'in grace';
    case Hold = 'on hold';
    case Paused = 'paused';
    case Ending = 'ending';
    case Expired = 'expired';
    case Revoked = 'revoked';
    case Moved = 'moved to somebody else';

    /** Whether a person has what it opens. */
    public function has(): bool
    {
        return in_array($this, [self::Trial, self::Active, self::Grace, self::Ending], true);
    }
}
