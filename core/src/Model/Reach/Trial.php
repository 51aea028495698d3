<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\Fits\ScreenFit;
use Lanai\Core\Text\Names;

/** Two ways to begin, side by side: some newcomers meet another screen, and which of the two leads more of them to the end of a funnel is found out. */
final readonly class Trial implements HasSentence
{
    /**
     * @param  string  $shown  the screen that is tried
     * @param  string  $instead  the one in whose place it is shown
     * @param  int  $share  to so many of a hundred newcomers, from 1 to 99
     * @param  string  $funnel  the way whose end counts
     */
    public function __construct(
        public string $name,
        public string $shown = '',
        public string $instead = '',
        public int $share = 50,
        public string $funnel = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('trial', new Blank('name', NameFit::of('the name of the trial')))->clauses(
            Clause::of('showing', 'which screen is tried', new Blank('shown', new ScreenFit())),
            Clause::of('instead of', 'in the place of which', new Blank('instead', new ScreenFit())),
            Clause::of('to', 'to how many', new Blank('share', NumberFit::whole(1, 99)), new Words('of a hundred newcomers')),
            Clause::of('counted by', 'which funnel they are to come through', new Blank('funnel', NamedFit::of(
                'funnel',
                fn (Blueprint $b): array => array_column($b->funnels, 'name'),
            ))),
        );
    }

    /** By what it is counted: what is tried otherwise than before is another trial. */
    public function key(): string
    {
        return Names::inStorage($this->name).'-'.hash('crc32b', mb_strtolower("$this->shown\n$this->instead\n$this->share\n$this->funnel"));
    }
}
