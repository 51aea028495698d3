<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A tap waits for the person's yes, or for a reply; the message is the question. */
final class NeedsConfirmation extends \DomainException
{
    /**
     * @param  string  $at  JSON Pointer of the effect that asks
     * @param  array<string, mixed>|null  $box  what the answer is typed into; null for yes or no
     * @param  string  $wrong  what is wrong with the answer that was given
     * @param  string  $yes  what the button says that goes on; '' for what was tapped
     * @param  string  $no  what the other one says
     * @param  bool  $dangerous  whether what was tapped is marked as dangerous
     * @param  string  $place  where an advert is offered: the answer is the key of the one that was seen, or '' for none; '' where a question is asked
     * @param  string  $reward  what there is for it
     * @param  bool  $messages  it is about messages to this phone: after a yes the phone itself is asked, and the answer is what it has said
     */
    public function __construct(
        string $question,
        public readonly string $at,
        public readonly ?array $box = null,
        public readonly string $wrong = '',
        public readonly string $yes = '',
        public readonly string $no = '',
        public readonly bool $dangerous = false,
        public readonly string $place = '',
        public readonly string $reward = '',
        public readonly bool $messages = false,
    ) {
        parent::__construct($question);
    }

    /** The same, whose buttons say what was tapped where nothing else was said. */
    public function by(string $tapped, bool $dangerous): self
    {
        $yes = $this->yes === '' ? $tapped : $this->yes;

        $isDangerous = $dangerous && $this->place === '';

        return new self($this->getMessage(), $this->at, $this->box, $this->wrong, $yes, $this->no, $isDangerous, $this->place, $this->reward, $this->messages);
    }

    /** @return array<string, mixed> as in docs/view.schema.json */
    public function data(): array
    {
        return ['text' => $this->getMessage(), 'at' => $this->at] +
            ($this->box === null ? [] : ['box' => $this->box, 'wrong' => $this->wrong]) +
            array_filter([
                'yes' => $this->yes,
                'no' => $this->no,
                'dangerous' => $this->dangerous,
                'place' => $this->place,
                'reward' => $this->reward,
                'messages' => $this->messages,
            ]);
    }
}
