<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Words;

/** A text of an app for a translator: what it says, where, and what it says in the other language so far. */
final readonly class WordEntry
{
    /**
     * @param  string  $source  as a message of ICU MessageFormat
     * @param  string  $says  '' for nothing yet
     * @param  string  $on  only where it stands on this; '' for everywhere
     * @param  string  $was  what the text was when it was translated; '' where it has stayed the same
     * @param  list<string>  $places  where it stands, in words
     * @param  list<string>  $values  what {0}, {1} and so on are, in words
     */
    public function __construct(
        public string $source,
        public string $says,
        public string $on = '',
        public string $was = '',
        public array $places = [],
        public array $values = [],
    ) {
    }

    /** @return list<string> for whoever translates it */
    public function notes(): array
    {
        $values = array_map(fn (int $n, string $value): string => "{{$n}}: $value", array_keys($this->values), $this->values);

        return [...$this->places, ...$values, ...$this->was === '' ? [] : ["Before it said: $this->was"]];
    }
}
