<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Pattern;

/** A store takes no app that speaks of the other one, or of the other kind of phone. */
final class OtherPhones implements Reason
{
    use OfBoth;

    private const OTHERS = [
        'pier' => '/(?<!\p{L})(?:android|quay)(?!\p{L})/iu',
        'quay' => '/(?<!\p{L})(?:iphone|ipad|ios|pier)(?!\p{L})/iu',
    ];

    public function holds(): string
    {
        return 'Nothing speaks of the other kind of phone, or of its store.';
    }

    public function look(Candidate $candidate): iterable
    {
        $said = self::OTHERS[$candidate->store];
        foreach ($candidate->texts() as $at => $text) {
            if (Pattern::match($said, $text, $found)) {
                $sentence = "Here stands “{$found[0]}”: the store takes no app that speaks of other phones or their stores.";
                yield isset($candidate->listing()[$at]) ? Finding::blocking(self::class, $at, $sentence) : Finding::warning(self::class, $at, $sentence);
            }
        }
    }
}
