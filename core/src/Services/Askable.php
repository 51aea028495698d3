<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Play\Scene;

/** Something that a service can be asked. What it gives reads like a table that is not stored. One class per kind. */
interface Askable extends ServiceRequest
{
    /** The message to send; $base is the address of the service. */
    public function message(string $base, Scene $scene): Message;

    /** Minutes that an answer is kept; null for as long as the service says, 0 for never. */
    public function keptFor(): ?int;

    /** What the answer gives, as rows. */
    public function read(Answer $answer, RowsMade $made): void;
}
