<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** Lets people report what others have written. */
interface Reports
{
}
