<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** How long a till goes on trying where a payment failed (common practice, no source: 3 to 16 days with access, up to 30 without). */
final readonly class Patience
{
    public function __construct(public int $graceDays = 3, public int $holdDays = 30)
    {
    }
}
