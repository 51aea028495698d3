<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Script\Sentence;

/** The moment of the row's last change. */
final readonly class ChangedAtType implements FieldType
{
    use SetMoment;

    public static function sentence(): Sentence
    {
        return Sentence::of('is when it was last changed');
    }
}
