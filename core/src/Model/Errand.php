<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** Something that somebody does with the app from beginning to end, and what must be seen then: it is done again after every edit, so that it stays right. */
final readonly class Errand implements HasSentence
{
    /**
     * @param  string  $person  the name of somebody in the practice data; '' for nobody who has signed in
     * @param  list<ErrandStep>  $steps
     */
    public function __construct(public string $name, public string $person = '', #[ListOf(ErrandStep::class)] public array $steps = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('errand', new Blank('name', NameFit::of('what it is called')))
            ->clauses(Clause::of('as', 'who does it', new Blank('person', TextFit::plain())))
            ->below(new Children('steps', Family::only('“then”', ErrandStep::class), 'a step'));
    }
}
