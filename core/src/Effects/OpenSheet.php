<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\Fits\NamedFit;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Sentence;

/** Slides a sheet of the screen up. */
final readonly class OpenSheet implements Effect
{
    public function __construct(public string $sheet)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('open sheet', new Blank('sheet', NamedFit::sheet()));
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->then('sheet', $this->sheet);
    }
}
