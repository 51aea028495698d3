<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** The same app twice is taken for unwanted advertising. */
final class NotTwice implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'None of your other apps has this title.';
    }

    public function look(Candidate $candidate): iterable
    {
        $title = mb_strtolower(trim($candidate->blueprint->release->title));
        foreach ($candidate->others as $other) {
            if ($title !== '' && mb_strtolower(trim($other)) === $title) {
                yield Finding::blocking(self::class, '/release/title', "Another app of yours has the title “{$other}”, too.");
            }
        }
    }
}
