<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\HasSentence;

/** Something that a service can be asked. What it gives reads like a table that is not stored. One class per kind. */
interface Askable extends HasSentence
{
    public function called(): string;

    /** @return list<Variable> what must be known to ask */
    public function taken(): array;

    /** True where it gives a list, false where it gives one thing. */
    public function givesMany(): bool;

    /** @return list<Table> what it gives as the first, and the lists inside of that */
    public function tables(): array;

    /** The message to send; $base is the address of the service. */
    public function message(string $base, Scene $scene): Message;

    /** Minutes that an answer is kept; null for as long as the service says, 0 for never. */
    public function keptFor(): ?int;

    /** What the answer gives, as rows. */
    public function read(Answer $answer, RowsMade $made): void;
}
