<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

/** Something pasted that cannot be read; the message says what and where. */
final class NotUnderstood extends \RuntimeException
{
}
