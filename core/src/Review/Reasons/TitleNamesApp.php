<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** On the phone it is called something else than in the store. */
final class TitleNamesApp implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'The title in the store has the name that stands under the icon in it.';
    }

    public function look(Candidate $candidate): iterable
    {
        [$title, $name] = [trim($candidate->blueprint->release->title), $candidate->blueprint->name];
        if ($title !== '' && ! str_contains(mb_strtolower($title), mb_strtolower($name))) {
            yield Finding::warning(
                self::class,
                '/release/title',
                "The title in the store does not have “{$name}” in it, which stands under the icon on the phone.",
            );
        }
    }
}
