<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/** One kind of thing that can be wrong. */
interface Rule
{
    /** What holds where the rule finds nothing, as a sentence for the list of checks. */
    public function holds(): string;

    public function station(): Station;

    /** @return iterable<Finding> */
    public function look(Reading $reading): iterable;
}
