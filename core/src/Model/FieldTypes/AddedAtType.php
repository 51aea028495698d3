<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Language\Sentence;

/** The moment at which the row was added. */
final readonly class AddedAtType implements OnlyInTables
{
    use SetMoment;

    public static function sentence(): Sentence
    {
        return Sentence::of('is when it was added');
    }
}
