<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** A link that leads nowhere. */
final class LinksAnswer implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'Every address that the app opens answers.';
    }

    public function look(Candidate $candidate): iterable
    {
        foreach ($candidate->addresses() as $at => $address) {
            if (isset($candidate->dead[$address])) {
                yield Finding::blocking(self::class, $at, "Nobody gets to $address: {$candidate->dead[$address]}");
            }
        }
    }
}
