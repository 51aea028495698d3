<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** A node of the blueprint that reads as a sentence. */
interface HasSentence
{
    public static function sentence(): Sentence;
}
