<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Text\Names;

/** Messages of one kind, which people can turn off without turning off the others. */
final readonly class Channel implements HasSentence
{
    /**
     * @param  string  $for  what comes on it, as people read it beside its switch
     * @param  bool  $off  nobody gets it before they have turned it on
     */
    public function __construct(public string $name, public string $for = '', public bool $off = false)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('channel', new Blank('name', NameFit::seen('the name of the channel')))->clauses(
            Clause::of('for', 'what comes on it', new Blank('for', TextFit::words())),
            Clause::flag('off', 'off at first'),
        );
    }

    /** By which it is kept who has turned it on or off. */
    public function key(): string
    {
        return Names::inStorage($this->name);
    }
}
