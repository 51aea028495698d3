<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

/** How one parameter of a node's constructor is filled from its data. */
final readonly class ShapePart
{
    /** True where the data is the value. */
    public bool $plain;

    /**
     * @param  class-string|null  $list  the class of its items, where it is a list of nodes
     * @param  class-string|null  $one  its class, where it is a node
     * @param  bool  $number  a blank number is nothing
     * @param  class-string|null  $flat  its class, where its values stand among the node's own
     * @param  array<string, true>  $keys  the names of those values
     * @param  mixed  $otherwise  what stands there where nothing is given; it never changes, and so it is shared
     */
    public function __construct(
        public ?string $list,
        public ?string $one,
        public bool $number,
        public ?string $flat,
        public array $keys,
        public bool $needed,
        public mixed $otherwise = null,
    ) {
        $this->plain = $list === null && $one === null && ! $number;
    }
}
