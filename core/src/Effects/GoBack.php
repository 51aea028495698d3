<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Sentence;

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
