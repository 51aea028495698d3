<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Offers a text to the person's other apps. */
final readonly class ShareText implements Effect
{
    /** @param  bool  $here  with a link to the screen on which it is tapped, and to what that is about */
    public function __construct(public string $text, public bool $here = false)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('share', new Blank('text', new TextFit))->clauses(Clause::flag('here', 'with a link here'));
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice($this->here ? 'share here' : 'share', $doing->scene->text($this->text, 'text'));
    }
}
