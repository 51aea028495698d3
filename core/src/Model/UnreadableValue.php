<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

/** An input that is not a value of its field's type; the message is for the person who typed it. */
final class UnreadableValue extends \DomainException
{
}
