<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\FieldFit;

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
