<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Language\Sentence;

/** Without an account, which can be made later. */
final readonly class AsGuest implements Way
{
    public static function sentence(): Sentence
    {
        return Sentence::of('as a guest');
    }
}
