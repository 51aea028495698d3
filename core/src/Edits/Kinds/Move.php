<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Edits\Several;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;

/** Moves a line, or several that stand one after the other, within their list: the first of them stands at the index afterwards. */
final readonly class Move implements Edit
{
    /** @param  non-empty-list<string>  $places */
    public function __construct(public array $places, public int $index)
    {
    }

    public function about(): array
    {
        return $this->places;
    }

    public function on(Blueprint $blueprint): EditResult
    {
        if (count($this->places) > 1) {
            return Several::of($blueprint, $this->places)->movedTo($this->index);
        }
        $at = $this->places[0];
        $list = Pointer::get(Pointer::parent($at), $blueprint->data());
        if (! is_array($list) || ! array_is_list($list) || ! isset($list[(int) Pointer::last($at)]) || ! isset($list[$this->index])) {
            throw new EditRefused('It cannot be moved there.');
        }

        return EditResult::by($blueprint, new Patch([['op' => 'move', 'from' => $at, 'path' => Pointer::parent($at)."/$this->index"]]));
    }
}
