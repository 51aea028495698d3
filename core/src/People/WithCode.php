<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** With a code that is sent by e-mail. */
final readonly class WithCode implements Way
{
    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('with a code by e-mail', 'with a code by email'));
    }
}
