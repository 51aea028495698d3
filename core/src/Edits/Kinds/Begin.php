<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Beginnings;
use Lanai\Core\Edits\Blanks;
use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Places;
use Lanai\Core\Language\Parser;
use Lanai\Core\Model\Blueprint;

/** Adds a sentence with nothing filled in but a name that nothing else has yet. */
final readonly class Begin implements Edit
{
    /**
     * @param  string  $as  which beginning, as in Beginnings; '' for the first
     * @param  int|null  $index  where; null for the end
     */
    public function __construct(public string $list, public string $as = '', public ?int $index = null)
    {
    }

    public function about(): array
    {
        return [$this->list];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $family = Places::family($blueprint, $this->list) ?? throw new EditRefused('Nothing can be added there.');
        $text = Beginnings::text($blueprint, $this->list, $this->as) ?? throw new EditRefused('This cannot be added there.');
        [$patch, $made] = Places::put($blueprint, $this->list, $this->index, Parser::fragment($text, $family));
        $edited = EditResult::by($blueprint, $patch);

        return $edited->making($made, Blanks::toBegin($edited->blueprint, $made));
    }
}
