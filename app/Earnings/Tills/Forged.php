<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use RuntimeException;

/** Something that says it comes from a till, and does not, or not as it left it. */
final class Forged extends RuntimeException
{
}
