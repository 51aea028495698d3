<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

/** What came of a row's check. */
final readonly class CheckResult
{
    /**
     * @param  array<string, mixed>  $values  column => value, what Lanai sets itself included
     * @param  array<string, string>  $errors  the field's name in formulas => sentence
     */
    public function __construct(public array $values, public array $errors)
    {
    }
}
