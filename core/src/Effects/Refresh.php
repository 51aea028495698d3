<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Sentence;

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
        $doing->outcome->then('refresh', '');
    }
}
