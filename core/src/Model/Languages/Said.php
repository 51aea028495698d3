<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Languages;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** What one text of the app says in another language. Both are messages of ICU MessageFormat: {0} stands for the first value of the text. */
final readonly class Said implements HasSentence
{
    /**
     * @param  string  $source  the text
     * @param  string  $says  what it says in the other language
     * @param  string  $on  only where it stands on this screen, in this table and the like; '' for everywhere
     * @param  string  $was  what the text was when this was written for it; '' where it has stayed the same
     */
    public function __construct(public string $source, public string $says, public string $on = '', public string $was = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('for', new Blank('source', TextFit::plain()), 'say', new Blank('says', TextFit::plain()))->clauses(
            Clause::of('on', 'only in one place', new Blank('on', TextFit::plain())),
            Clause::of('written for', 'when the text has changed since', new Blank('was', TextFit::plain())),
        );
    }
}
