<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

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
        $doing->outcome->then('share', $doing->scene->text($this->text, 'text'));
    }
}
