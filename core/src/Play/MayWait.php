<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** An effect that may as well happen later, when there is a connection again: it changes rows and leads nowhere. */
interface MayWait extends Effect
{
}
