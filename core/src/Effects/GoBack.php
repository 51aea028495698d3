<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Returns to the screen before this one. */
final readonly class GoBack implements Effect
{
    public static function sentence(): Sentence
    {
        return Sentence::of('go back');
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->back = true;
    }
}
