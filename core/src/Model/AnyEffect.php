<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\HasSentence;

/** Something that a tap or a routine does, as far as the definition of an app goes. */
interface AnyEffect extends HasSentence
{
}
