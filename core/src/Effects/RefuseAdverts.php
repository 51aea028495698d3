<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Adverts are chosen by what is around them alone; and the person is somebody new to the network. */
final readonly class RefuseAdverts implements Effect
{
    public static function sentence(): Sentence
    {
        return Sentence::of('refuse adverts about me');
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice('adverts', 'around');
    }
}
