<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Script\HasSentence;

/** One way to sign in. One class per kind. */
interface Way extends HasSentence
{
}
