<?php

declare(strict_types=1);

namespace App\Records;

/** Ends a transaction of which nothing is to stay; the reasons are told elsewhere. */
final class NothingWritten extends \DomainException
{
}
