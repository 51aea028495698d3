<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Sentence;

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
