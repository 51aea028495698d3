<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** A node of a family that is written inside the sentence, such as the type of a field. */
final readonly class InlineNode implements Part
{
    public function __construct(public string $key, public Family $family)
    {
    }
}
