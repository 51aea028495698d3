<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Places;
use Lanai\Core\Language\Parser;
use Lanai\Core\Model\Blueprint;

/** Adds lines that are written as sentences under a place such as /screens/0/lines. */
final readonly class Write implements Edit
{
    /** @param  int|null  $index  where; null for the end */
    public function __construct(public string $list, public string $text, public ?int $index = null)
    {
    }

    public function about(): array
    {
        return [$this->list];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $items = Parser::fragment($this->text, Places::family($blueprint, $this->list) ?? throw new EditRefused('Nothing can be added there.'));
        if ($items === []) {
            throw new EditRefused('Write a line first.');
        }
        [$patch, $made] = Places::put($blueprint, $this->list, $this->index, $items);

        return EditResult::by($blueprint, $patch)->making($made);
    }
}
