<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

/** An edit that cannot be made; the message is for the founder. */
final class EditRefused extends \DomainException
{
}
