<?php

declare(strict_types=1);

namespace App\Stores;

/** A store that did not take or answer a call; the message is for the founder. */
final class StoreUnreachable extends \RuntimeException
{
}
