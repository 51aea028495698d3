<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

/** Puts a text on the clipboard. */
final readonly class CopyText implements Effect
{
    public function __construct(public string $text)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('copy', new Blank('text', new TextFit));
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->then('copy', $doing->scene->text($this->text, 'text'));
    }
}
