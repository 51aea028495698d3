<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

final readonly class Section implements HasSentence
{
    /** @param  list<Line>  $lines */
    public function __construct(public string $label, #[ListOf(Line::class)] public array $lines = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('section', new Blank('label', new TextFit))->below(new Children('lines', Lines::family(), 'a line in it'));
    }
}
