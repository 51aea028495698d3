<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** A reason for something that the app never asks for. */
final class ReasonIsUsed implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'No reason is given for what is never asked.';
    }

    public function look(Candidate $candidate): iterable
    {
        if (trim($candidate->blueprint->release->location) !== '' && ! ReasonForPlace::wants($candidate)) {
            yield Finding::warning(
                self::class,
                '/release/location',
                'The app says what it uses the place of the phone for, and never asks for it.',
                new Mend('Say nothing of it', [['op' => 'remove', 'path' => '/release/location']]),
            );
        }
    }
}
