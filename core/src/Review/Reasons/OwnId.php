<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Pattern;

/** Ids that are kept for examples (RFC 2606, turned round), or that others would have made as well. */
final class OwnId implements Reason
{
    use OfBoth;

    private const EXAMPLES = '/^(?:com\.(?:example|test|yourcompany|company|app)|(?:org|net)\.example|example|test)\b/i';

    public function holds(): string
    {
        return 'The id of the package is the app’s own.';
    }

    public function look(Candidate $candidate): iterable
    {
        if (Pattern::match(self::EXAMPLES, $candidate->blueprint->release->package, $found)) {
            yield Finding::blocking(
                self::class,
                '/release/package',
                "An id that begins with “{$found[0]}” is kept for examples. Take an address that is yours, turned round: com.yourname.app.",
            );
        }
    }
}
