<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Tongues;

/** An app that speaks a language whose page in the store does not. */
final class ListingTranslated implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'The page in the store is there in each language of the app.';
    }

    public function look(Candidate $candidate): iterable
    {
        $own = $candidate->blueprint->release;
        foreach ($candidate->spoken as $tongue => $spoken) {
            foreach (['summary' => 'short description', 'description' => 'full description'] as $key => $called) {
                if (trim($own->$key) !== '' && $spoken->release->$key === $own->$key) {
                    yield Finding::warning(
                        self::class,
                        '/languages',
                        "The $called in the store has no words of its own in ".(Tongues::NAMES[$tongue] ?? $tongue).'.',
                    );
                }
            }
        }
    }
}
