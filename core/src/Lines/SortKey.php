<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\FieldFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

final readonly class SortKey implements HasSentence
{
    /** @param  'upward'|'downward'|''  $way */
    public function __construct(public string $field, public string $way = 'upward')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Blank('field', new FieldFit), new Blank('way', ChoiceFit::of('“upward” or “downward”', ['upward' => 'upward', 'downward' => 'downward'])));
    }
}
