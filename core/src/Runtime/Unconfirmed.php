<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

/** A tap waits for the person's yes, or for an answer; the message is the question. */
final class Unconfirmed extends \DomainException
{
    /**
     * @param  string  $at  JSON Pointer of the effect that asks
     * @param  array<string, mixed>|null  $box  what the answer is typed into; null for yes or no
     * @param  string  $wrong  what is wrong with the answer that was given
     */
    public function __construct(string $question, public readonly string $at, public readonly ?array $box = null, public readonly string $wrong = '')
    {
        parent::__construct($question);
    }

    /** @return array<string, mixed> as in docs/view.schema.json */
    public function data(): array
    {
        return ['text' => $this->getMessage(), 'at' => $this->at] + ($this->box === null ? [] : ['box' => $this->box, 'wrong' => $this->wrong]);
    }
}
