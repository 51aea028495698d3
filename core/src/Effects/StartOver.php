<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Returns to the first screen, with no way back to those before. */
final readonly class StartOver implements Effect
{
    public static function sentence(): Sentence
    {
        return Sentence::of('start over');
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->over = true;
    }
}
