<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Ports\Refused;

/** A service that was asked did not answer: the same may go well a little later. */
final class NoAnswer extends Refused
{
}
