<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** Screens that were begun and left. */
final class NothingEmpty implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'No screen is empty.';
    }

    public function look(Candidate $candidate): iterable
    {
        foreach ($candidate->blueprint->screens as $i => $screen) {
            if ($screen->lines() === []) {
                yield Finding::blocking(
                    self::class,
                    "/screens/$i",
                    "Nothing stands on “{$screen->name}”.",
                    new Mend('Remove it', [['op' => 'remove', 'path' => "/screens/$i"]]),
                );
            }
        }
    }
}
