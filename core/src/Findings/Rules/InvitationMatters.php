<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\ShareText;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** An invitation that nobody can take, or a reward that nobody can earn. */
final class InvitationMatters implements Rule
{
    public function holds(): string
    {
        return 'Whoever is invited can make an account, and whoever invites can do so somewhere.';
    }

    public function station(): Station
    {
        return Station::Reach;
    }

    public function look(Reading $reading): iterable
    {
        $invites = array_filter($reading->placesOf(ShareText::class), fn (array $data): bool => ($data['invites'] ?? false) === true);
        if ($reading->blueprint->signIn === null) {
            foreach (array_keys($invites) as $at) {
                $said = 'An invitation leads to an account, and nobody can make one here: it is a link like any other.';
                yield Finding::warning(self::class, $at, $said, new Mend('Let it be a link', [['op' => 'remove', 'path' => "$at/invites"]]));
            }
        }
        if ($invites === [] && ($reading->blueprint->signIn->invited ?? []) !== []) {
            $said = 'Something is done for those who were invited, but nobody can invite: let a button “share "…", with a link here, as an invitation”.';
            yield Finding::warning(self::class, '/signIn', $said);
        }
    }
}
