<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Effects\RemoveRow;
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

/** What can be done with an item of a list by swiping it; a menu on the item offers the same. */
final readonly class Swipe implements HasSentence
{
    /** @param  list<Effect>  $tapped */
    public function __construct(public string $label, public bool $dangerous = false, #[ListOf(AnyEffect::class)] public array $tapped = [])
    {
    }

    /** Whether it takes its row away without asking first. */
    public function removes(): bool
    {
        $first = $this->tapped[0] ?? null;

        return $first instanceof RemoveRow && $first->row === 'this';
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('swiped', new Blank('label', new TextFit()))
            ->clauses(Clause::flag('dangerous', 'dangerous'))
            ->below(new Block('tapped', 'tapped:', Families::of(AnyEffect::class), 'what it does'));
    }
}
