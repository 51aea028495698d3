<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;

/** A type whose values are texts. */
trait KeptAsText
{
    use Kept;

    public function type(): Type
    {
        return Type::of(Kind::Text);
    }

    public function column(): string
    {
        return 'TEXT';
    }
}
