<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Text\Names;

/** A way that people are to go, step by step: how many of those who begin it come to its end is counted, visit by visit. */
final readonly class Funnel implements HasSentence
{
    /** @param  list<FunnelStep>  $steps */
    public function __construct(public string $name, #[ListOf(FunnelStep::class)] public array $steps = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('funnel', new Blank('name', NameFit::of('the name of the way')))->below(
            new Children('steps', Family::only('“step”', FunnelStep::class), 'a step'),
        );
    }

    /** By what it is counted. */
    public function key(): string
    {
        return Names::inStorage($this->name);
    }
}
