<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

/** A file in which no rows can be found; the message is for the person who chose it. */
final class UnreadableFile extends \DomainException
{
}
