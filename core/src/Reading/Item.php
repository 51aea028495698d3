<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** One of several things in a list: a field, several things that are kept by themselves, or somebody. */
final readonly class Item
{
    /**
     * @param  string  $type  of the field, as sentences name it
     * @param  list<string>  $choices
     * @param  bool  $plain  it says by itself that it is a field
     * @param  string  $person  who it is; '' where it is nobody
     * @param  int|null  $limit  so many of it there are
     * @param  array{int, int}  $from  letters of the paragraph
     * @param  int  $next  the place after it
     */
    public function __construct(
        public string $noun,
        public string $type,
        public array $choices,
        public bool $many,
        public bool $plain,
        public string $person,
        public ?int $limit,
        public array $from,
        public int $next,
    ) {
    }
}
