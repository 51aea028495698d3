<?php

declare(strict_types=1);

namespace App\Earnings;

use RuntimeException;

/** A purchase of which more is told than is kept; its message is a sentence for the founder. */
final class TooManyEvents extends RuntimeException
{
}
