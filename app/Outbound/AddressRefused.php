<?php

declare(strict_types=1);

namespace App\Outbound;

/** An address that Lanai does not call; the message is for the founder. */
final class AddressRefused extends \RuntimeException
{
}
