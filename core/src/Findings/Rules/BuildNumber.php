<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** A store takes a package only with a build number above the last one it has taken. */
final class BuildNumber implements Rule
{
    public function holds(): string
    {
        return 'The build number is higher than the last one a store has taken.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        $build = $reading->blueprint->release->build;
        if ($build <= $reading->lastBuild) {
            $next = $reading->lastBuild + 1;
            yield Finding::warning(
                self::class,
                '/release/build',
                "A store has already taken build $reading->lastBuild; the next one must be higher than that, and this is $build.",
                Mend::put("Make it $next", '/release/build', $next),
            );
        }
    }
}
