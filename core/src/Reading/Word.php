<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** A word of a paragraph, or a sign between words. */
final class Word
{
    /**
     * @param  string  $text  as it stands there
     * @param  string  $is  in small letters
     * @param  int  $at  where it begins, in letters from the beginning of the paragraph
     * @param  string  $part  of speech, a letter of Lexicon; '.' for a sign
     */
    public function __construct(public readonly string $text, public readonly string $is, public readonly int $at, public string $part = '')
    {
    }

    public function end(): int
    {
        return $this->at + mb_strlen($this->text);
    }

    public function isNoun(): bool
    {
        return $this->part === 'N' || $this->part === 'S';
    }

    public function isVerb(): bool
    {
        return strpbrk($this->part, 'VPDEG') !== false;
    }
}
