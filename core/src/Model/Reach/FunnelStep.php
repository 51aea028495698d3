<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\ScreenFit;

/** A step of a way: a screen is looked at, one of its pages is come to, or something on it is tapped. */
final readonly class FunnelStep implements HasSentence
{
    /**
     * @param  string  $tapping  what the line says that is tapped; '' where looking is enough
     * @param  int|null  $page  which of the pages that are swiped there is come to, from 2
     */
    public function __construct(public string $screen, public string $tapping = '', public ?int $page = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('step', new Blank('screen', new ScreenFit()))->clauses(
            Clause::of('page', 'which page is come to', new Blank('page', NumberFit::whole(2, 20))),
            Clause::of('tapping', 'what is tapped there', new Blank('tapping', TextFit::plain())),
        );
    }

    public function inWords(): string
    {
        $there = $this->page === null ? $this->screen : "page $this->page of $this->screen";

        return $this->tapping === '' ? $there : "“{$this->tapping}” on $this->screen";
    }
}
