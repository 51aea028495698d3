<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;

/** Shows a short message. */
final readonly class Say implements MayWait
{
    public function __construct(public string $text)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('say', new Blank('text', new TextFit));
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->say($doing->scene->text($this->text, 'text'));
    }
}
