<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

/** A message as one person reads it. */
final readonly class Words
{
    /** Letters: phones show less of a title (common practice, no source). */
    public const TITLE = 120;

    public const TEXT = 1000;

    /**
     * @param  string  $picture  a name in the store of files; '' for none
     * @param  string  $screen  the slug of what a tap opens; '' for the first screen
     * @param  list<int|string>  $args  with what
     */
    public function __construct(
        public string $title,
        public string $text = '',
        public string $picture = '',
        public string $screen = '',
        public array $args = [],
    ) {
    }
}
