<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Sentence;

/** Lets the open sheet slide away. */
final readonly class CloseSheet implements Effect
{
    public function __construct()
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('close the sheet');
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->then('sheet', '');
    }
}
