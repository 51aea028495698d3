<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Script\Sentence;

/** When a person was last here, to a quarter of an hour; set by Lanai. */
final readonly class LastHereType implements FieldType
{
    use SetMoment;

    public static function sentence(): Sentence
    {
        return Sentence::of('is when they were last here');
    }
}
