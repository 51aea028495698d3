<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** What a node stands in. */
enum Within
{
    case Main;
    case Group;
    case Card;
    case Columns;
    case Wrapping;
    case Pinned;
    case Bar;
    case Floats;

    /** Where all stand side by side. */
    public function isBeside(): bool
    {
        return $this === self::Columns || $this === self::Wrapping;
    }
}
