<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Blueprint\Fits\TableFit;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Sentence;

/** A row that a screen is about; formulas on it say "swim" for one Swim. */
final readonly class Parameter implements HasSentence
{
    public function __construct(public string $one)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('one', new Blank('one', TableFit::singular()));
    }

    public function name(Blueprint $blueprint): string
    {
        return Names::inFormula($blueprint->tableOfOne($this->one)->singular ?? $this->one);
    }
}
