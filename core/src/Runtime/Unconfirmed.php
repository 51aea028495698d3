<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

/** A tap waits for the person's yes; the message is the question. */
final class Unconfirmed extends \DomainException
{
    /** @param  string  $at  JSON Pointer of the effect that asks */
    public function __construct(string $question, public readonly string $at)
    {
        parent::__construct($question);
    }
}
