<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Effect;

/** What can be done with several items of a list at once: they are ticked, and it is done for each, all or nothing. */
final readonly class ForChosen implements HasSentence
{
    /** So many at a time. */
    public const MOST = 200;

    /** @param  list<Effect>  $tapped */
    public function __construct(public string $label, public bool $dangerous = false, #[ListOf(AnyEffect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('for the chosen ones', new Blank('label', new TextFit()))
            ->clauses(Clause::flag('dangerous', 'dangerous'))
            ->below(new Block('tapped', 'tapped:', Families::of(AnyEffect::class), 'what it does with each'));
    }
}
