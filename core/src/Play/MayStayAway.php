<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A line that by itself is not there for everybody, whatever its sentence says about when it is shown. */
interface MayStayAway extends Line
{
    public function isThere(Scene $scene): bool;
}
