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

/** Removes a part of a sentence, a line, or several lines that stand one after the other. */
final readonly class Remove implements Edit
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
        if (count($this->places) > 1) {
            return Several::of($blueprint, $this->places)->removed();
        }
        $at = $this->places[0];
        $data = $blueprint->data();
        if (! Pointer::exists($at, $data) || $at === '' || $at === '/name') {
            throw new EditRefused('This is no longer there.');
        }
        $list = Pointer::get(Pointer::parent($at), $data);
        $alone = is_array($list) && array_is_list($list) && count($list) === 1;

        return EditResult::by($blueprint, new Patch([['op' => 'remove', 'path' => $alone ? Pointer::parent($at) : $at]]));
    }
}
