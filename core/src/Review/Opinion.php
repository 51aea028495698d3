<?php

declare(strict_types=1);

namespace Lanai\Core\Review;

use Lanai\Core\Findings\Finding;

/** What came of one reason. */
final readonly class Opinion
{
    /** @param  list<Finding>  $findings  none where it holds */
    public function __construct(public string $holds, public array $findings)
    {
    }

    public function turnsDown(): bool
    {
        return array_filter($this->findings, fn (Finding $finding): bool => $finding->blocks) !== [];
    }
}
