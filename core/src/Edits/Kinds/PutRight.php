<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\InternalEdit;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;

/** What a finding offers as its mend. */
final readonly class PutRight implements InternalEdit
{
    /** @param  list<array{op: string, path: string, from?: string, value?: mixed}>  $operations */
    public function __construct(public string $label, public array $operations)
    {
    }

    public function about(): array
    {
        return array_map(fn (array $o): string => str_ends_with($o['path'], '/-') ? Pointer::parent($o['path']) : $o['path'], $this->operations);
    }

    public function on(Blueprint $blueprint): EditResult
    {
        return EditResult::by($blueprint, new Patch($this->operations));
    }
}
