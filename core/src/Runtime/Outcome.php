<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

/** What came of a tap. */
final class Outcome
{
    /** @var list<string> messages to show */
    public array $say = [];

    /** @var array{screen: string, args: list<int>}|null where to go */
    public ?array $go = null;

    public bool $back = false;

    /** Back to the first screen, with nothing behind it. */
    public bool $over = false;

    /** An address outside of the app; '' for none. */
    public string $open = '';

    /** @var array{text: string, at: string}|null what the person must say yes to before anything is done */
    public ?array $confirm = null;

    /** The sentence that says why nothing was done; '' where it was done. */
    public string $refused = '';

    /** @var array<string, string> box => what is wrong with it */
    public array $errors = [];

    /** @return array<string, mixed> as in docs/view.schema.json */
    public function data(): array
    {
        return [
            'done' => $this->refused === '' && $this->errors === [] && $this->confirm === null,
            'say' => $this->say,
            'go' => $this->go,
            'back' => $this->back,
            'over' => $this->over,
            'open' => $this->open,
            'confirm' => $this->confirm,
            'refused' => $this->refused,
            'errors' => (object) $this->errors,
        ];
    }
}
