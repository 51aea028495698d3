<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

/** Who asks: a person, or nobody who is known. */
interface Somebody
{
    public function isSignedIn(): bool;

    /** The name of this person's role; '' for none. */
    public function role(): string;
}
