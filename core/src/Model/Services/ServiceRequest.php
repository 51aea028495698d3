<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

use Lanai\Core\Language\HasSentence;
use Lanai\Core\Model\Table;

/** A request of a service, as far as the definition of an app goes: what it must be told, and what it gives. */
interface ServiceRequest extends HasSentence
{
    public function called(): string;

    /** @return list<Variable> what must be known to ask */
    public function taken(): array;

    /** True where it gives a list, false where it gives one thing. */
    public function givesMany(): bool;

    /** @return list<Table> what it gives as the first, and the lists inside of that */
    public function tables(): array;
}
