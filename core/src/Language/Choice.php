<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** One thing that can be picked for a blank: the text to fill in, and a note about it. */
final readonly class Choice implements \JsonSerializable
{
    public function __construct(public string $text, public string $note = '')
    {
    }

    /** @return array{text: string, note: string} */
    public function jsonSerialize(): array
    {
        return ['text' => $this->text, 'note' => $this->note];
    }
}
