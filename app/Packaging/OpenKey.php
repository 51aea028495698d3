<?php

declare(strict_types=1);

namespace App\Packaging;

/** A signing key laid out for a tool: delete the file after use. */
final readonly class OpenKey
{
    public function __construct(public string $file, #[\SensitiveParameter] public string $password)
    {
    }
}
