<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Visits of this device are counted no more, and what was known of it is forgotten. */
final readonly class DoNotCountMe implements Effect
{
    public static function sentence(): Sentence
    {
        return Sentence::of('do not count me');
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice('count', 'no');
    }
}
