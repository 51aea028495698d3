<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** Fixed words of a sentence; the first spelling is the one that is printed. */
final readonly class Words implements Part
{
    /** @var list<string> */
    public array $others;

    public function __construct(public string $words, string ...$others)
    {
        $this->others = array_values($others);
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
