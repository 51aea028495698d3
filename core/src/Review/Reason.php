<?php

declare(strict_types=1);

namespace Lanai\Core\Review;

use Lanai\Core\Findings\Finding;

/**
 * One thing for which stores turn versions down, or send them back with a question: common practice, no source, for all of them. What blocks is turned
 * down for certain; the rest depends on who looks.
 */
interface Reason
{
    /** What holds where nothing is found, as a sentence. */
    public function holds(): string;

    /** @return list<'quay'|'pier'> the stores that look at it */
    public function stores(): array;

    /** @return iterable<Finding> */
    public function look(Candidate $candidate): iterable;
}
