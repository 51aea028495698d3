<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/**
 * A rule about the whole app that needs a few facts of each screen: the facts of a screen that has not changed are not gathered again.
 *
 * @template TFact of array<string, mixed>
 */
interface Gathers extends Rule
{
    /** @return list<TFact> what it needs to know of a screen, or of all that stands outside of screens: plain values */
    public function gather(Reading $part): array;

    /**
     * @param  list<TFact>  $facts  of all parts
     * @return iterable<Finding>
     */
    public function judge(array $facts, Reading $reading): iterable;
}
