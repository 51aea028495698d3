<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** The first minute of a reviewer: the app is opened, in each of its languages. */
final class Opens implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'The app opens.';
    }

    public function look(Candidate $candidate): iterable
    {
        foreach ($candidate->broken as $sentence) {
            yield Finding::blocking(self::class, '/screens', $sentence);
        }
    }
}
