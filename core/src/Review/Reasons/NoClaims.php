<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Pattern;

/** What a page in a store may not say of itself: that it is the best, or what it costs. */
final class NoClaims implements Reason
{
    use OfBoth;

    private const CLAIMS = '/(?<![\p{L}\p{N}])(?:#\s?1|no\.\s?1|number one|best app|top app|(?:the )?world.s best|award-winning'
        .'|for free|free of charge|download now'.
        '|\d+\s?% off|(?:million|thousand)s? of downloads|editor.s choice|app of the (?:day|year))(?![\p{L}\p{N}])/iu';

    public function holds(): string
    {
        return 'The page in the store praises nothing and names no price.';
    }

    public function look(Candidate $candidate): iterable
    {
        foreach (['/release/title' => true, '/release/summary' => true, '/release/description' => false] as $at => $blocks) {
            if (Pattern::match(self::CLAIMS, $candidate->listing()[$at] ?? '', $found)) {
                $called = ['/release/title' => 'title', '/release/summary' => 'short description', '/release/description' => 'full description'][$at];
                $sentence = "The $called says “{$found[0]}”: stores take no praise, ranks or prices there.";
                yield $blocks ? Finding::blocking(self::class, $at, $sentence) : Finding::warning(self::class, $at, $sentence);
            }
        }
    }
}
