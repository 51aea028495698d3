<?php

declare(strict_types=1);

namespace App\Records;

/** Somebody has called the work off; nothing of it stays. */
final class WorkCancelled extends \DomainException
{
}
