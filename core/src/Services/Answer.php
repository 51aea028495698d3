<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use DateTimeImmutable;

/** What a service answered, or why it did not. */
final readonly class Answer
{
    /**
     * @param  list<mixed>  $pages  JSON of each page, objects as arrays
     * @param  list<string>  $files  names of the files it brought, as the store of files calls them
     * @param  DateTimeImmutable|null  $at  when it was got
     * @param  bool  $late  it is the last good one: a newer one could not be got
     * @param  bool  $more  there are further pages
     */
    public function __construct(
        public array $pages = [],
        public array $files = [],
        public ?DateTimeImmutable $at = null,
        public bool $late = false,
        public bool $more = false,
        public ?Trouble $trouble = null,
    ) {
    }

    public function isThere(): bool
    {
        return $this->pages !== [] || $this->files !== [];
    }
}
