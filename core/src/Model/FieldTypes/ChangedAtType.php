<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Language\Sentence;

/** The moment of the row's last change. */
final readonly class ChangedAtType implements OnlyInTables
{
    use SetMoment;

    public static function sentence(): Sentence
    {
        return Sentence::of('is when it was last changed');
    }
}
