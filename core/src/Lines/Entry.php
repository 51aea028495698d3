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

/** One entry of a menu. */
final readonly class Entry implements HasSentence
{
    /** @param  list<Effect>  $tapped */
    public function __construct(public string $label, public bool $dangerous = false, #[ListOf(AnyEffect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('entry', new Blank('label', new TextFit()))
            ->clauses(Clause::flag('dangerous', 'dangerous'))
            ->below(new Block('tapped', 'tapped:', Families::of(AnyEffect::class), 'what tapping it does'));
    }
}
