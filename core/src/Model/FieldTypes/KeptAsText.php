<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;

/** A type whose values are texts. */
trait KeptAsText
{
    use StoredByKind;

    public function type(): Type
    {
        return Type::of(Kind::Text);
    }

    public function column(): string
    {
        return 'TEXT';
    }
}
