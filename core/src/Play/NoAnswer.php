<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Rows\Refused;

/** A service that was asked did not answer: the same may go well a little later. */
final class NoAnswer extends Refused
{
}
