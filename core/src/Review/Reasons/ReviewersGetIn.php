<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** Somebody who looks at the app has no account, and reads no letters with a code. */
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
        if ($signIn === null || $candidate->reviewer || $signIn->way(AsGuest::class) !== null) {
            return;
        }
        yield Finding::warning(
            self::class,
            '/signIn',
            $signIn->way(WithPassword::class) === null
                ? 'Reviewers cannot get in by themselves. Let people also sign in with e-mail and password, and make an account for reviewers.'
                : 'Reviewers have no account with which they get in. Make one: in Release, where the app stands.',
        );
    }
}
