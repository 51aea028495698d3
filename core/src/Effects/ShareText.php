<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Offers a text to the person's other apps. */
final readonly class ShareText implements Effect
{
    public function __construct(public string $text)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('share', new Blank('text', new TextFit));
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice('share', $doing->scene->text($this->text, 'text'));
    }
}
