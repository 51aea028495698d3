<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** An effect needs something from outside first. It is got with no transaction open, and the tap begins again with it. */
final class NeedsOutside extends \RuntimeException
{
    /** @param  \Closure(): mixed  $get */
    public function __construct(public readonly string $at, public readonly \Closure $get)
    {
        parent::__construct('A tap waits for something from outside.');
    }
}
