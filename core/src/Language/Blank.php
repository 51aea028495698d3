<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** A part of a sentence that can be filled; its value is kept under this key of the node. */
final readonly class Blank implements Part
{
    public function __construct(public string $key, public Fit $fit, public bool $mayBeEmpty = false, public string $label = '')
    {
    }
}
