<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Language\Prose;
use Lanai\Core\Services\AnswerPart;
use Lanai\Core\Services\JsonShape;
use Lanai\Core\Services\NearMiss;
use Lanai\Core\Services\Request;
use Lanai\Core\Services\RowsMade;

/** A part of an answer that is looked for under a name that the answer writes with other capital letters: it would be empty, and say nothing. */
final class PartMisspelt implements Rule
{
    public function holds(): string
    {
        return 'The parts of answers are looked for under the names that the answers have.';
    }

    public function station(): Station
    {
        return Station::Services;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->services as $s => $service) {
            foreach ($service->requests as $r => $request) {
                $shape = $request instanceof Request ? json_decode($request->shape, true) : null;
                if ($request instanceof Request && is_array($shape)) {
                    $thing = RowsMade::things($request, JsonShape::sample(Prose::node($shape)))[0] ?? null;
                    yield from self::parts($request->parts, $thing, "/services/$s/requests/$r/parts");
                }
            }
        }
    }

    /**
     * @param  list<AnswerPart>  $parts
     * @return iterable<Finding>
     */
    private static function parts(array $parts, mixed $thing, string $at): iterable
    {
        foreach ($parts as $i => $part) {
            $right = NearMiss::way($part->way(), $thing);
            if ($right !== null) {
                yield Finding::warning(
                    self::class,
                    "$at/$i",
                    "$part->name is looked for at “{$part->way()}”, and the answer has “{$right}”: capital letters count, so it would stay empty.",
                    Mend::put("Look for it at “{$right}”", "$at/$i/at", $right),
                );
            } elseif ($part->isList()) {
                $inner = RowsMade::search($part->way(), $thing);
                yield from self::parts($part->parts, is_array($inner) ? $inner[0] ?? null : null, "$at/$i/parts");
            }
        }
    }
}
