<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** A piece of a sentence's head or of a clause. */
interface Part
{
}
