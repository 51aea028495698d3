<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Sentences;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;

/** Leaves out what a blank belongs to: its clause, or the one of several that it is a part of. */
final readonly class LeaveOut implements Edit
{
    public function __construct(public string $at)
    {
    }

    public function about(): array
    {
        return [$this->at];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $spot = $blueprint->walkTo($this->at)->blankAt($this->at) ?? throw new EditRefused('This is no longer there.');
        $parent = $spot->node->parent;
        $key = Pointer::last(Pointer::parent($spot->node->at));
        // One of several, such as "Title = input.title" after "with", goes as a whole.
        $series = $parent !== null && array_filter(Sentences::of($parent->class)->clauses,
            fn (Clause $clause): bool => $clause->parts !== [] && $clause->parts[0] instanceof Series && $clause->parts[0]->key === $key) !== [];

        return (new Remove([$series ? $spot->node->at : $this->at]))->on($blueprint);
    }
}
