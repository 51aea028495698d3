<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Adverts may be chosen by what is known of the person; kept with the device, and told to the network with each request. */
final readonly class AllowAdverts implements Effect
{
    public static function sentence(): Sentence
    {
        return Sentence::of('allow adverts about me');
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice('adverts', 'personal');
    }
}
