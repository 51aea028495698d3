<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Script\HasSentence;

/** One thing that a tap does. Effects of one tap succeed or fail together. One class per kind. */
interface Effect extends HasSentence
{
    /** @throws \Lanai\Core\Ports\Refused where it says no; nothing of the tap stays then */
    public function run(Doing $doing): void;
}
