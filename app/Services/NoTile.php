<?php

declare(strict_types=1);

namespace App\Services;

/** A part of a map cannot be drawn; the message is for whoever looks at it. */
final class NoTile extends \RuntimeException
{
    /** @param  int  $status  of HTTP */
    public function __construct(string $message, public readonly int $status)
    {
        parent::__construct($message);
    }
}
