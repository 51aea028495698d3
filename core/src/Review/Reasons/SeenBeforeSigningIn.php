<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\Reason;

/** An account is asked for before anybody knows what for. */
final class SeenBeforeSigningIn implements Reason
{
    public function holds(): string
    {
        return 'Something of the app is seen before one has to sign in.';
    }

    public function stores(): array
    {
        return ['pier'];
    }

    public function look(Candidate $candidate): iterable
    {
        $first = $candidate->blueprint->firstScreen();
        if ($candidate->blueprint->signIn !== null && $first?->signedIn === true) {
            yield Finding::warning(self::class, '/signIn', "“{$first->name}” opens only to those who have signed in: show something of the app before.");
        }
    }
}
