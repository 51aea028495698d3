<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

/** An edit that cannot be made; the message is for the founder. */
final class EditRefused extends \DomainException
{
}
