<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** Fixed words, or a blank with what is filled in. */
final readonly class ProsePart implements \JsonSerializable
{
    private function __construct(
        public string $text,
        public string $at = '',
        public string $kind = '',
        public bool $filled = true,
        public bool $optional = false,
        public string $label = '',
    ) {
    }

    public static function words(string $text): self
    {
        return new self($text);
    }

    /** The words that say which member of a family stands here; another can be picked. */
    public static function member(string $at, string $text): self
    {
        return new self($text, $at, 'type');
    }

    public static function blank(string $at, Blank $blank, string $text, bool $filled, bool $optional = false): self
    {
        return new self($text, $at, $blank->fit->kind(), $filled, $optional || $blank->mayBeEmpty, $blank->label);
    }

    public function isBlank(): bool
    {
        return $this->kind !== '';
    }

    /** @return array<string, mixed> {text} for words; {text, at, kind} for a blank, and of {filled, optional, label} what is not as usual */
    public function jsonSerialize(): array
    {
        return ['text' => $this->text]
            + ($this->isBlank() ? ['at' => $this->at, 'kind' => $this->kind] : [])
            + ($this->filled ? [] : ['filled' => false])
            + ($this->optional ? ['optional' => true] : [])
            + ($this->label === '' ? [] : ['label' => $this->label]);
    }
}
