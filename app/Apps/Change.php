<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\Revision;
use Closure;
use Lanai\Core\Edits\Edited;

/** A change of an app that has been worked out and is not written yet. */
final readonly class Change
{
    /** @param  Closure(Revision): array{list<int>, list<int>}  $stacks  what can be undone and redone once it is written */
    public function __construct(public string $what, public Edited $edited, public Closure $stacks)
    {
    }
}
