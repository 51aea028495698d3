<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Script\Sentence;

/** The moment at which the row was added. */
final readonly class AddedAtType implements FieldType
{
    use SetMoment;

    public static function sentence(): Sentence
    {
        return Sentence::of('is when it was added');
    }
}
