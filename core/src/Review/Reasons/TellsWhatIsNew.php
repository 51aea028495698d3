<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Pattern;

/** An update that does not say what it brings. */
final class TellsWhatIsNew implements Reason
{
    use OfBoth;

    private const NOTHING = '/^\W*(?:bug ?fixes|fixes|improvements|minor changes|updates?|and|general|performance|[\s.,;!&])+$/iu';

    public function holds(): string
    {
        return 'An update says what is new.';
    }

    public function look(Candidate $candidate): iterable
    {
        $news = trim($candidate->blueprint->release->news);
        if ($candidate->lastBuild > 0 && ($news === '' || Pattern::match(self::NOTHING, $news))) {
            yield Finding::warning(
                self::class,
                '/release/news',
                $news === '' ? 'Nothing says what is new in this version.' : "“{$news}” tells nobody what is new.",
            );
        }
    }
}
