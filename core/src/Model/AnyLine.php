<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\HasSentence;

/** A line of a screen, as far as the definition of an app goes; how it is drawn is a matter of running the app. */
interface AnyLine extends HasSentence
{
}
