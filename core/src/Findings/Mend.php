<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/** An edit that puts a finding right. */
final readonly class Mend
{
    /** @param  list<array{op: string, path: string, value?: mixed}>  $operations a JSON Patch */
    public function __construct(public string $label, public array $operations)
    {
    }

    public static function put(string $label, string $at, mixed $value): self
    {
        return new self($label, [['op' => 'add', 'path' => $at, 'value' => $value]]);
    }
}
