<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

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
        $doing->outcome->onDevice('sheet', '');
    }
}
