<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** A full description of a few words, or that only says the short one again, tells nobody what the app is for. */
final class DescriptionTells implements Reason
{
    use OfBoth;

    /** Characters. */
    private const LEAST = 120;

    public function holds(): string
    {
        return 'The full description says more than the short one.';
    }

    public function look(Candidate $candidate): iterable
    {
        $release = $candidate->blueprint->release;
        $long = trim($release->description);
        if ($long !== '' && (mb_strlen($long) < self::LEAST || mb_strtolower($long) === mb_strtolower(trim($release->summary)))) {
            yield Finding::warning(self::class, '/release/description', 'The full description tells too little: what is in the app, and whom is it for?');
        }
    }
}
