<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Language\HasSentence;

/** What becomes of the rows of some tables when the person they belong to leaves. */
interface Leaving extends HasSentence
{
    /** @return list<string> names of tables */
    public function tables(): array;
}
