<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Language\HasSentence;

/** One way to sign in. One class per kind. */
interface Way extends HasSentence
{
}
