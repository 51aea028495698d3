<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** Nothing can be said of how a screen looks that nobody has laid out. */
final class AllLaidOut implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'Every screen was laid out on every device.';
    }

    public function look(Candidate $candidate): iterable
    {
        if ($candidate->left > 0) {
            $screens = $candidate->left === 1 ? 'One screen was' : "$candidate->left screens were";
            yield Finding::warning(self::class, '/screens', "$screens not laid out yet, as that takes a while. Look again, then it goes on from there.");
        }
    }
}
