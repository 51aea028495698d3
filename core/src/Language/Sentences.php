<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** The sentences of all nodes, each made once: they never change, and every line that is read or printed asks for some. */
final class Sentences
{
    /** @var array<class-string<HasSentence>, Sentence> */
    private static array $made = [];

    /** @param  class-string<HasSentence>  $class */
    public static function of(string $class): Sentence
    {
        return self::$made[$class] ??= $class::sentence();
    }
}
