<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Pattern;

/** Words that stand where others still have to come. */
final class Finished implements Reason
{
    use OfBoth;

    private const UNFINISHED = '/(?<!\p{L})(?:lorem(?: ipsum)?|dolor sit amet|to ?do:|tbd|tba|xxx+|asdf\w*|qwerty|test ?test|blah(?: blah)*'.
        '|placeholder(?: text)?|dummy(?: text)?|sample text|your text here|coming soon|under construction|insert \w+ here|new screen|untitled)(?!\p{L})/iu';

    public function holds(): string
    {
        return 'No text is one that still has to be written.';
    }

    public function look(Candidate $candidate): iterable
    {
        foreach ($candidate->texts() as $at => $text) {
            if (Pattern::match(self::UNFINISHED, $text, $found)) {
                yield Finding::blocking(self::class, $at, "Here stands “{$found[0]}”: this text looks as if it still has to be written.");
            }
        }
    }
}
