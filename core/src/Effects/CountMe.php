<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Visits of this device are counted again. */
final readonly class CountMe implements Effect
{
    public static function sentence(): Sentence
    {
        return Sentence::of('count me');
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice('count', 'yes');
    }
}
