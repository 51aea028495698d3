<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** One optional line under a sentence with a value of its own: `when empty: "No swims yet"`. */
final readonly class SubLine implements Below
{
    public function __construct(public string $lead, public Blank $blank, public string $label = '')
    {
    }
}
