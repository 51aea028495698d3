<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Model\AnyEffect;

/** One thing that a tap does. Effects of one tap succeed or fail together. One class per kind. */
interface Effect extends AnyEffect
{
    /** @throws \Lanai\Core\Rows\Refused where it says no; nothing of the tap stays then */
    public function run(Doing $doing): void;
}
