<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\InternalEdit;
use Lanai\Core\Edits\Places;
use Lanai\Core\Model\Blueprint;

/** Takes up a service with those of its requests that are wanted. */
final readonly class TakeService implements InternalEdit
{
    /** @param  array<string, mixed>  $service  its data */
    public function __construct(public array $service)
    {
    }

    public function about(): array
    {
        return ['/services'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        if (($this->service['requests'] ?? []) === []) {
            throw new EditRefused('Please choose at least one request.');
        }
        [$patch, $made] = Places::put($blueprint, '/services', null, [$this->service]);

        return EditResult::by($blueprint, $patch)->making($made, '');
    }
}
