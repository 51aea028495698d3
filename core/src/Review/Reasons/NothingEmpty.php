<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;
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
                    self::isWanted($candidate->blueprint, $screen, $i) ? null : new Mend('Remove it', [['op' => 'remove', 'path' => "/screens/$i"]]),
                );
            }
        }
    }

    /** Whether the app needs it all the same: it begins with it, or something else names it, and would lead nowhere. */
    private static function isWanted(Blueprint $blueprint, Screen $screen, int $at): bool
    {
        if ($screen === $blueprint->firstScreen() || count($blueprint->screens) < 2) {
            return true;
        }
        $without = (new Patch([['op' => 'remove', 'path' => "/screens/$at"]]))->applyTo($blueprint->data());
        $lost = fn (Blueprint $one): int => count(array_filter(
            Findings::in(Reading::of($one)),
            fn (Finding $finding): bool => $finding->blocks || $finding->rule === 'UnknownName',
        ));

        return $lost(Blueprint::stored($without)) > $lost($blueprint);
    }
}
