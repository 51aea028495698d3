<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

use Lanai\Core\Geometry\Device;
use Lanai\Core\Geometry\Frame;

/** Looks for one kind of flaw in a screen that has been laid out. One class per kind. */
interface Check
{
    /** @return iterable<Flaw> */
    public function look(Frame $page, Device $device): iterable;
}
