<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** Nodes that stand directly under a sentence, one a line, such as the lines of a screen. */
final readonly class Children implements Below
{
    /** @param  bool  $apart  there may be very many, and a walk through the whole passes them by */
    public function __construct(public string $key, public Family $family, public string $label = '', public bool $apart = false)
    {
    }
}
