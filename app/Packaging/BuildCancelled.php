<?php

declare(strict_types=1);

namespace App\Packaging;

/** The founder cancelled the build. */
final class BuildCancelled extends \RuntimeException
{
}
