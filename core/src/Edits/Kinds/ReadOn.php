<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\InternalEdit;
use Lanai\Core\Edits\Requests;
use Lanai\Core\Model\Blueprint;

/** Lets a list read on to its further pages. */
final readonly class ReadOn implements InternalEdit
{
    /** @param  array<string, mixed>  $parts  how it reads on, as data of a request */
    public function __construct(public string $request, public array $parts)
    {
    }

    public function about(): array
    {
        return ['/services'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        return Requests::changed($blueprint, $this->request, fn (array $data): array => $this->parts + $data);
    }
}
