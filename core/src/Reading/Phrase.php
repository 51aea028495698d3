<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** A noun with what belongs to it: “each tool”, “a phone number”, “the owner of the tool”. */
final readonly class Phrase
{
    /**
     * @param  int  $first  the place of its first word in the sentence
     * @param  int  $next  the place after its last word
     * @param  string  $noun  for one of it, in small letters, with what stands before it: “phone number”
     * @param  string  $head  the last word of the noun, for one of it
     * @param  bool  $many  it is about several
     * @param  string  $points  the word that points at it: a, each, their, only …; '' for none
     * @param  list<string>  $choices  what it can be, where that is said
     * @param  string  $of  whose it is: the noun after “of”; '' for none
     * @param  array{int, int}  $from  letters of the paragraph
     */
    public function __construct(
        public int $first,
        public int $next,
        public string $noun,
        public string $head,
        public bool $many,
        public string $points,
        public array $choices,
        public string $of,
        public array $from,
        public string $number = '',
    ) {
    }

    public function isOf(string ...$heads): bool
    {
        return in_array($this->head, $heads, true);
    }
}
