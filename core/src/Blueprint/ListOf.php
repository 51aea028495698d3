<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Attribute;

/** The class of a list's items, for the classes that Shape fills. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class ListOf
{
    /** @param  class-string  $class a node class, or an interface whose family Shape knows */
    public function __construct(public string $class)
    {
    }
}
