<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Lets the device pause before what follows. */
final readonly class Wait implements Effect
{
    public function __construct(public ?int $seconds = 1)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('wait', new Blank('seconds', NumberFit::whole(1, 60)), new Words('seconds', 'second'));
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice('wait', (string) ($this->seconds ?? 1));
    }
}
