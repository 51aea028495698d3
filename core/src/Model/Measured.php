<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

/** A type of numbers that says between which they lie and in what they are counted, so that a control can offer them. */
interface Measured
{
    /** @return array{least?: int, most?: int, whole?: true, unit?: string} the unit as it is written beside the number, such as “EUR” */
    public function measures(): array;
}
