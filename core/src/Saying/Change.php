<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

/** One way of saying that something is to be otherwise, or of asking how it is. One class per kind. */
interface Change
{
    /** What was understood; null where it says something else. */
    public function hear(Utterance $said, Known $app): ?Understood;
}
