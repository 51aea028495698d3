<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** An optional part of a sentence, printed when its value is there. Clauses may be read in any order. */
final readonly class Clause
{
    /** @var list<Part> */
    public array $parts;

    /**
     * @param  bool|null  $flag  the value it stands for when it has no parts
     * @param  bool  $aside  it is no concern of who reads the sentence: the script has it, and nobody is offered it
     */
    private function __construct(
        public string $lead,
        public string $key,
        public string $label,
        public bool $comma,
        public ?bool $flag,
        public bool $aside,
        Part ...$parts,
    ) {
        $this->parts = array_values($parts);
    }

    /** ", lead BLANK" */
    public static function of(string $lead, string $label, Part ...$parts): self
    {
        return new self($lead, self::firstKey($parts), $label, true, null, false, ...$parts);
    }

    /** " lead BLANK", without a comma before it */
    public static function joined(string $lead, string $label, Part ...$parts): self
    {
        return new self($lead, self::firstKey($parts), $label, false, null, false, ...$parts);
    }

    /** ", words": yes when it stands there */
    public static function flag(string $key, string $words): self
    {
        return new self($words, $key, $words, true, true, false);
    }

    public function aside(): self
    {
        return new self($this->lead, $this->key, $this->label, $this->comma, $this->flag, true, ...$this->parts);
    }

    /** @param  array<array-key, Part>  $parts */
    private static function firstKey(array $parts): string
    {
        foreach ($parts as $part) {
            if ($part instanceof Blank || $part instanceof Series) {
                return $part->key;
            }
        }

        throw new \LogicException('A clause needs a blank.');
    }
}
