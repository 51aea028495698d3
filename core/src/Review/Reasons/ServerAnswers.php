<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** A reviewer’s phone has to find the server. */
final class ServerAnswers implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'Phones find the app’s server, over an address that is sealed.';
    }

    public function look(Candidate $candidate): iterable
    {
        if ($candidate->unreachable !== '') {
            yield Finding::blocking(self::class, '/release', $candidate->unreachable);
        }
    }
}
