<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Line;

final readonly class Section implements HasSentence
{
    /** @param  list<Line>  $lines */
    public function __construct(public string $label, #[ListOf(AnyLine::class)] public array $lines = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('section', new Blank('label', new TextFit))->below(new Children('lines', Families::of(AnyLine::class), 'a line in it'));
    }
}
