<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Runtime\Placing;

/** A line that can say where and when it stands. */
trait Placed
{
    public function placing(): Placing
    {
        return $this->placing;
    }
}
