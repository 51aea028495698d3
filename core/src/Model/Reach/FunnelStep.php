<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\ScreenFit;

/** A step of a way: a screen is looked at, or something on it is tapped. */
final readonly class FunnelStep implements HasSentence
{
    /** @param  string  $tapping  what the line says that is tapped; '' where looking is enough */
    public function __construct(public string $screen, public string $tapping = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('step', new Blank('screen', new ScreenFit()))->clauses(
            Clause::of('tapping', 'what is tapped there', new Blank('tapping', TextFit::plain())),
        );
    }

    public function inWords(): string
    {
        return $this->tapping === '' ? $this->screen : "“{$this->tapping}” on $this->screen";
    }
}
