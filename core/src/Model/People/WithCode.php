<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;

/** With a code that is sent by e-mail. */
final readonly class WithCode implements Way
{
    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('with a code by e-mail', 'with a code by email'));
    }
}
