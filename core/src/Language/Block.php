<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** A lead line such as `tapped:` with nodes indented under it. */
final readonly class Block implements Below
{
    public function __construct(public string $key, public string $lead, public Family $family, public string $label = '')
    {
    }
}
