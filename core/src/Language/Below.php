<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** What may stand indented under a sentence. */
interface Below
{
}
