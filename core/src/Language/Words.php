<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Lanai\Core\Text\Article;

/** Fixed words of a sentence; the first spelling is the one that is printed, or one with “an” where what follows is spoken with a vowel. */
final readonly class Words implements Part
{
    /** @var list<string> */
    public array $others;

    public function __construct(public string $words, string ...$others)
    {
        $this->others = array_values($others);
    }

    /**
     * As they are written before what a blank holds.
     *
     * @param  mixed  $next  what stands in the blank
     */
    public function before(mixed $next): string
    {
        $an = array_values(array_filter($this->others, fn (string $other): bool => str_ends_with(" $other", ' an')))[0] ?? $this->words;

        return is_string($next) && str_ends_with(" $this->words", ' a') && Article::of($next) === 'an' ? $an : $this->words;
    }

    public function read(Cursor $cursor): bool
    {
        foreach ([$this->words, ...$this->others] as $spelling) {
            if ($cursor->words($spelling)) {
                return true;
            }
        }

        return false;
    }
}
