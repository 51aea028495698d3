<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

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
        $doing->outcome->onDevice('copy', $doing->scene->text($this->text, 'text'));
    }
}
