<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\Revision;
use Closure;
use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditResult;

/** A change of an app that has been worked out and is not written yet. */
final readonly class Change
{
    /**
     * @param  string  $what  the kind of the edit, or undo, redo, storage
     * @param  Closure(Revision): array{list<int>, list<int>}  $stacks  what can be undone and redone once it is written
     */
    public function __construct(public string $what, public EditResult $edited, public Closure $stacks, public ?Edit $edit = null)
    {
    }
}
