<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Rows\Refused;

/** What was tapped is not shown, or not enabled, any more. */
final class NotNow extends Refused
{
    public function __construct(public readonly ?Line $tapped = null, public readonly ?Scene $scene = null)
    {
        parent::__construct('This is not possible any more.');
    }
}
