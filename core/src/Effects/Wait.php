<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\NumberFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

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
        $doing->outcome->then('wait', (string) ($this->seconds ?? 1));
    }
}
