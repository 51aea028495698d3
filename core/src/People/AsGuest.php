<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Script\Sentence;

/** Without an account, which can be made later. */
final readonly class AsGuest implements Way
{
    public static function sentence(): Sentence
    {
        return Sentence::of('as a guest');
    }
}
