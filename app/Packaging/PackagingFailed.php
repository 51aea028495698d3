<?php

declare(strict_types=1);

namespace App\Packaging;

/** A package that could not be made; the message says at which step. */
final class PackagingFailed extends \RuntimeException
{
}
