<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Language\Sentence;

/** When a person was last here, to a quarter of an hour; set by Lanai. */
final readonly class LastHereType implements OnlyInTables
{
    use SetMoment;

    public static function sentence(): Sentence
    {
        return Sentence::of('is when they were last here');
    }
}
