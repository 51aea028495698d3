<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** A page without pictures, or with pictures of something else. */
final class PicturesShowIt implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'The pictures of its page show the app as it is.';
    }

    public function look(Candidate $candidate): iterable
    {
        foreach ($candidate->pictures as $sentence) {
            yield Finding::warning(self::class, '/pictures', $sentence);
        }
    }
}
