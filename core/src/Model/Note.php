<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** What holds for the app whoever works on it: for whom it is, how it speaks, what it will never have. It is shown to nobody who uses the app. */
final readonly class Note implements HasSentence
{
    /** @param  bool  $told  it is what the app began with, and no rule */
    public function __construct(public string $text, public bool $told = false)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('note', new Blank('text', TextFit::plain(), label: 'what holds for the app'))
            ->clauses(Clause::flag('told', 'as it was first told'));
    }
}
