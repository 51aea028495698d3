<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** A phone warns of pages without encryption, and some do not open them. */
final class LinksSealed implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'Every address that the app opens is sealed (https).';
    }

    public function look(Candidate $candidate): iterable
    {
        foreach ($candidate->addresses() as $at => $address) {
            if (str_starts_with(strtolower($address), 'http://')) {
                $sealed = 'https://'.substr($address, 7);
                yield Finding::warning(
                    self::class,
                    $at,
                    "$address is without encryption.",
                    Mend::put("Open $sealed", $at, $sealed),
                );
            }
        }
    }
}
