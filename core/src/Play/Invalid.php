<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** Inputs that cannot be saved, each with a sentence for its box. */
final class Invalid extends \DomainException
{
    /** @param  array<string, string>  $errors the field's name in formulas => sentence */
    public function __construct(public readonly array $errors)
    {
        parent::__construct(implode(' ', $errors));
    }
}
