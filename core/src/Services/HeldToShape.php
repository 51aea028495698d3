<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

/** A request whose answer must have a shape: one that has not is asked for once more. */
interface HeldToShape extends Askable
{
    /** What is wrong with the words of the answer; null where they fit. */
    public function wrong(string $content): ?string;
}
