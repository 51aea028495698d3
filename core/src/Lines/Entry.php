<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Block;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

/** One entry of a menu. */
final readonly class Entry implements HasSentence
{
    /** @param  list<Effect>  $tapped */
    public function __construct(public string $label, public bool $dangerous = false, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('entry', new Blank('label', new TextFit))->clauses(Clause::flag('dangerous', 'dangerous'))->below(new Block('tapped', 'tapped:', Effects::family(), 'what tapping it does'));
    }
}
