<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Fits\FieldFit;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

final readonly class SortKey implements HasSentence
{
    /** @param  'upward'|'downward'|''  $way */
    public function __construct(public string $field, public string $way = 'upward')
    {
    }

    /** What people say of times, numbers and texts. */
    private const ALSO = [
        'soonest first' => 'upward', 'earliest first' => 'upward', 'oldest first' => 'upward', 'smallest first' => 'upward', 'lowest first' => 'upward',
        'shortest first' => 'upward', 'cheapest first' => 'upward', 'A to Z' => 'upward',
        'latest first' => 'downward', 'newest first' => 'downward', 'largest first' => 'downward', 'highest first' => 'downward',
        'longest first' => 'downward', 'dearest first' => 'downward', 'Z to A' => 'downward',
    ];

    public static function sentence(): Sentence
    {
        $way = ChoiceFit::of('“upward” or “downward”', ['upward' => 'upward', 'downward' => 'downward'])->also(self::ALSO);

        return Sentence::of(new Blank('field', new FieldFit), new Blank('way', $way));
    }
}
