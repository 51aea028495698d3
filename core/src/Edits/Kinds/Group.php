<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Several;
use Lanai\Core\Model\Blueprint;

/** Puts lines of a screen into a group. */
final readonly class Group implements Edit
{
    /** @param  non-empty-list<string>  $places */
    public function __construct(public array $places)
    {
    }

    public function about(): array
    {
        return $this->places;
    }

    public function on(Blueprint $blueprint): EditResult
    {
        return Several::of($blueprint, $this->places)->grouped();
    }
}
