<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** What a package opens is what is live: a reviewer sees that, and nothing newer. */
final class LiveIsThis implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'What is live is what is handed in.';
    }

    public function look(Candidate $candidate): iterable
    {
        if (! $candidate->live) {
            yield Finding::warning(self::class, '/release', 'Packages open what is live, and that is not this revision: a reviewer sees the one before.');
        }
    }
}
