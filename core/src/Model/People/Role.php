<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\ScreenFit;

/** A role that people can have. */
final readonly class Role implements HasSentence
{
    /**
     * @param  bool  $first  what new people are
     * @param  bool  $chosen  people may take it by themselves
     * @param  bool  $asked  people may ask for it; the founder grants it
     * @param  string  $begins  the screen where it begins; '' for the app's first
     */
    public function __construct(
        public string $name,
        public bool $first = false,
        public bool $chosen = false,
        public bool $asked = false,
        public string $begins = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('role', new Blank('name', NameFit::seen('the name of the role')))->clauses(
            Clause::flag('first', 'at first'),
            Clause::flag('chosen', 'may be chosen'),
            Clause::flag('asked', 'on request'),
            Clause::of('begins at', 'the screen where it begins', new Blank('begins', new ScreenFit())),
        );
    }
}
