<?php

declare(strict_types=1);

namespace App\Earnings;

use RuntimeException;

/** Something told of a purchase that is not kept; the message is a sentence for the founder. */
final class PurchaseRefused extends RuntimeException
{
}
