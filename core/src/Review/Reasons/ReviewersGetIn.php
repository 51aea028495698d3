<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** Somebody who looks at the app has no account with an outside provider of the founder’s. */
final class ReviewersGetIn implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'Reviewers get into the app by themselves.';
    }

    public function look(Candidate $candidate): iterable
    {
        $signIn = $candidate->blueprint->signIn;
        $open = array_filter(
            $signIn->ways ?? [],
            fn (object $way): bool => $way instanceof WithPassword || $way instanceof WithCode || $way instanceof AsGuest,
        );
        if ($signIn !== null && $open === []) {
            yield Finding::warning(
                self::class,
                '/signIn',
                'Reviewers cannot get in by themselves. Give the store an account that they can use, with its way in.',
            );
        }
    }
}
