<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Patient;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

/** Shows a short message. */
final readonly class Say implements Patient
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
