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

    /**
     * @param  bool  $there  whether there is a list at this place already
     * @param  list<mixed>  $values  that stand at the end of the list afterwards
     */
    public static function addingTo(string $label, string $at, bool $there, array $values): self
    {
        return new self(
            $label,
            $there
                ? array_map(fn (mixed $one): array => ['op' => 'add', 'path' => "$at/-", 'value' => $one], $values)
                : [['op' => 'add', 'path' => $at, 'value' => $values]],
        );
    }

    public static function put(string $label, string $at, mixed $value): self
    {
        return new self($label, [['op' => 'add', 'path' => $at, 'value' => $value]]);
    }
}
