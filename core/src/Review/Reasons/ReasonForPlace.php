<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Lines\MapLine;
use Lanai\Core\Model\FieldTypes\PlaceType;
use Lanai\Core\Release\AskedTypes;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** The phone asks with these words, and a reviewer reads them. */
final class ReasonForPlace implements Reason
{
    use OfBoth;

    /** Characters. */
    private const LEAST = 12;

    public function holds(): string
    {
        return 'Whoever is asked where they are is told what for.';
    }

    public function look(Candidate $candidate): iterable
    {
        $reason = trim($candidate->blueprint->release->location);
        if (! self::wants($candidate)) {
            return;
        }
        if (mb_strlen($reason) < self::LEAST) {
            yield Finding::blocking(
                self::class,
                '/release/location',
                $reason === ''
                    ? 'The app wants to know where the phone is, and does not say what for. Finish the sentence: “The app uses where the phone is to …”.'
                    : "“{$reason}” does not tell what it is for that the app wants to know where the phone is.",
            );
        }
    }

    /** Whether the app ever asks where the phone is. */
    public static function wants(Candidate $candidate): bool
    {
        $maps = [...$candidate->blueprint->walk()->nodesOf(ListLine::class), ...$candidate->blueprint->walk()->nodesOf(MapLine::class)];
        $here = array_filter($maps, fn (NodeSpot $map): bool => ($map->data['here'] ?? false) === true);

        return $here !== [] || in_array(PlaceType::class, AskedTypes::of($candidate->blueprint), true);
    }
}
