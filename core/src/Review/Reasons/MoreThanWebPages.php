<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Lines\WebPage;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** A frame around pages of the web. */
final class MoreThanWebPages implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'The app is more than a frame around pages of the web.';
    }

    public function look(Candidate $candidate): iterable
    {
        $first = $candidate->blueprint->firstScreen();
        $web = array_filter($first?->lines() ?? [], fn (AnyLine $line): bool => $line instanceof WebPage);
        if ($web !== [] && count($first?->lines() ?? []) <= 2) {
            yield Finding::blocking(
                self::class,
                '/screens',
                "“{$first?->name}” shows a page of the web and hardly anything else. Stores turn down what a browser shows as well.",
            );
        }
    }
}
