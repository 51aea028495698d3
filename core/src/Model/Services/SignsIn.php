<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

use Lanai\Core\Language\HasSentence;

/** How Lanai shows a service who calls. The secret is kept apart, for sandbox and for live. One class per way. */
interface SignsIn extends HasSentence
{
    /** The message with the secret in it. */
    public function signed(Message $message, Secret $secret): Message;

    /** @return list<string> names of headers that carry the secret */
    public function headers(): array;

    /** Where the secret goes, in plain words: 'the header “X-Key”'. */
    public function place(): string;

    /** @return list<array{part: 'name'|'secret', label: string}> what is asked of the founder */
    public function asks(): array;
}
