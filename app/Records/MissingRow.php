<?php

declare(strict_types=1);

namespace App\Records;

/** A row that another links to is not there; the message says what to do. */
final class MissingRow extends \DomainException
{
}
