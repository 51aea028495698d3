<?php

declare(strict_types=1);

namespace Lanai\Core\Review;

/** A reason that both stores have. */
trait OfBoth
{
    public function stores(): array
    {
        return ['quay', 'pier'];
    }
}
