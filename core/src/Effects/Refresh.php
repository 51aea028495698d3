<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Reads the screen anew. */
final readonly class Refresh implements Effect
{
    public function __construct()
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('refresh');
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice('refresh', '');
    }
}
