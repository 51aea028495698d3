<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\SignsIn;

/** A key in a header of the service's own. */
final readonly class KeyInHeader implements SignsIn
{
    public function __construct(public string $header = 'X-Api-Key')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('signs in with a key in the header', new Blank('header', TextFit::plain()));
    }

    public function signed(Message $message, Secret $secret): Message
    {
        return $message->header($this->header, $secret->secret);
    }

    public function headers(): array
    {
        return [$this->header];
    }

    public function place(): string
    {
        return "the header “{$this->header}”";
    }

    public function asks(): array
    {
        return [['part' => 'secret', 'label' => 'Key']];
    }
}
