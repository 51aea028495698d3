<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Several;
use Lanai\Core\Model\Blueprint;

/** Lines become a piece, effects a routine; where they stood it is used, with what it is about. */
final readonly class Extract implements Edit
{
    /** @param  non-empty-list<string>  $places */
    public function __construct(public array $places, public string $name)
    {
    }

    public function about(): array
    {
        return $this->places;
    }

    public function on(Blueprint $blueprint): EditResult
    {
        return Several::of($blueprint, $this->places)->extracted($this->name);
    }
}
