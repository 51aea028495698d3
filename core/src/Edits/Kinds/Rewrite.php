<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Printer;
use Lanai\Core\Model\Blueprint;

/** The whole app written anew. */
final readonly class Rewrite implements Edit
{
    public function __construct(public string $text)
    {
    }

    public function about(): array
    {
        return [''];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $data = $blueprint->data();

        return EditResult::by($blueprint, Patch::between($data, Parser::script($this->text, Blueprint::class, Printer::known($data, Blueprint::class))));
    }
}
