<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** Packages have to be updated to one that there is not. */
final class EverybodyShutOut implements Rule
{
    public function holds(): string
    {
        return 'Nobody has to update to a version that there is not.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        $release = $reading->blueprint->release;
        if ($reading->isAround() && $release->oldest !== null && $release->oldest > $release->build) {
            yield Finding::blocking(
                self::class,
                '/release/oldest',
                "Packages below build number $release->oldest have to be updated, and this one has $release->build: it would be shut out, too.",
                new Mend("Packages below $release->build have to", [['op' => 'replace', 'path' => '/release/oldest', 'value' => $release->build]]),
            );
        }
    }
}
