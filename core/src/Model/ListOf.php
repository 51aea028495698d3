<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Attribute;

/** The class of a list's items, for the classes that Shape fills. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class ListOf
{
    /**
     * @param  class-string  $class  a node class, or an interface whose family is known
     * @param  bool  $later  the items are given as data: the class makes them when they are asked for
     */
    public function __construct(public string $class, public bool $later = false)
    {
    }
}
