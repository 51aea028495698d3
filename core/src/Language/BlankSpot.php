<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Lanai\Core\Formula\Scope;

/** A blank where it stands, with its value and the names in scope there. */
final readonly class BlankSpot
{
    /** @param  bool  $needed false for a blank of a clause that is not there */
    public function __construct(public string $at, public Blank $blank, public mixed $value, public Scope $scope, public NodeSpot $node, public bool $needed)
    {
    }

    public function text(): string
    {
        return is_scalar($this->value) ? (string) $this->value : '';
    }

    public function isEmpty(): bool
    {
        return $this->value === '' || $this->value === null;
    }
}
