<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

use RuntimeException;

/** A carrier takes nothing: the message is a sentence that says why. */
final class NotCarried extends RuntimeException
{
}
