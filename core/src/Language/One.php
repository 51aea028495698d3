<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** A single node under a sentence, such as the theme of an app. */
final readonly class One implements Below
{
    /**
     * @param  class-string<HasSentence>  $class
     * @param  bool  $sometimes  an app may do without: then none of its blanks is missing
     */
    public function __construct(public string $key, public string $class, public bool $sometimes = false)
    {
    }
}
