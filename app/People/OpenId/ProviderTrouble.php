<?php

declare(strict_types=1);

namespace App\People\OpenId;

/** A provider that cannot be used; the message is for the person. */
final class ProviderTrouble extends \RuntimeException
{
}
