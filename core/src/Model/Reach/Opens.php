<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Fits\ScreenFit;

/** The screen that a tap on a message opens, with what it is about. */
final readonly class Opens implements HasSentence
{
    /** @param  list<string>  $with  a formula for each row that the screen is about, and then for each value it takes */
    public function __construct(public string $screen, public array $with = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('opens', new Blank('screen', new ScreenFit()))->clauses(
            Clause::joined('with', 'with what it is about', new Series('with', ',', FormulaFit::giving(Kind::Any))),
        );
    }
}
