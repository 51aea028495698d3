<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** Several items in one line with a separator: single values, or nodes of one class. */
final readonly class Series implements Part
{
    /** @param  Fit|class-string<HasSentence>  $item */
    public function __construct(public string $key, public string $separator, public Fit|string $item)
    {
    }
}
