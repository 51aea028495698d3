<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\SignsIn;

/** A key in the query of the address. */
final readonly class KeyInQuery implements SignsIn
{
    public function __construct(public string $query = 'key')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('signs in with a key in the query', new Blank('query', TextFit::plain()));
    }

    public function signed(Message $message, Secret $secret): Message
    {
        return $message->query($this->query, $secret->secret);
    }

    public function headers(): array
    {
        return [];
    }

    public function place(): string
    {
        return "“{$this->query}” in the query of the address";
    }

    public function asks(): array
    {
        return [['part' => 'secret', 'label' => 'Key']];
    }
}
