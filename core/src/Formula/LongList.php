<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Closure;
use IteratorAggregate;
use Traversable;

/**
 * The items of a list that is too long to be held at once: they are read bit by bit, each time anew.
 *
 * @implements IteratorAggregate<int, mixed>
 */
final readonly class LongList implements IteratorAggregate
{
    /** @param  Closure(): iterable<mixed>  $begin */
    public function __construct(private Closure $begin)
    {
    }

    public function getIterator(): Traversable
    {
        foreach (($this->begin)() as $item) {
            yield $item;
        }
    }

    /** @return list<mixed> */
    public function first(int $most): array
    {
        $items = [];
        foreach ($this as $item) {
            if (count($items) >= $most) {
                break;
            }
            $items[] = $item;
        }

        return $items;
    }
}
