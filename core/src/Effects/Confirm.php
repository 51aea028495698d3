<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Unconfirmed;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

/** Asks first. Until the person has said yes, nothing of the tap happens, not even what stands before the question. */
final readonly class Confirm implements Effect
{
    public function __construct(public string $text)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('confirm', new Blank('text', new TextFit));
    }

    public function run(Doing $doing): void
    {
        if (! in_array($doing->scene->at, $doing->confirmed, true)) {
            throw new Unconfirmed($doing->scene->text($this->text, 'text'), $doing->scene->at);
        }
    }
}
