<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Play\Placing;

/** A line that can say where and when it stands. */
trait HasPlacing
{
    public function placing(): Placing
    {
        return $this->placing;
    }
}
