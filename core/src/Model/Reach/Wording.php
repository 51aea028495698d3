<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** What a message says. Where it has several wordings, each goes to a part of the people, and it is found out which of them is opened more. */
final readonly class Wording implements HasSentence
{
    /** @param  string  $picture  a formula that gives one; '' for none */
    public function __construct(public string $title = '', public string $text = '', public string $picture = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('says', new Blank('title', new TextFit()))->clauses(
            Clause::of('then', 'what follows under it', new Blank('text', new TextFit())),
            Clause::of('with the picture', 'a picture', new Blank('picture', FormulaFit::giving(Kind::Picture))),
        );
    }
}
