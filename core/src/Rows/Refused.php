<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

/** A tap that cannot be done; the message is the sentence that its person reads. */
class Refused extends \DomainException
{
}
