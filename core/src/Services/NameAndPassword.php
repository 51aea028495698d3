<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\SignsIn;

/** A name and a password (RFC 7617). */
final readonly class NameAndPassword implements SignsIn
{
    public static function sentence(): Sentence
    {
        return Sentence::of('signs in with a name and password');
    }

    public function signed(Message $message, Secret $secret): Message
    {
        return $message->header('Authorization', 'Basic '.base64_encode("$secret->name:$secret->secret"));
    }

    public function headers(): array
    {
        return ['Authorization'];
    }

    public function place(): string
    {
        return 'the header “Authorization”, as “Basic” and name and password together';
    }

    public function asks(): array
    {
        return [['part' => 'name', 'label' => 'Name'], ['part' => 'secret', 'label' => 'Password']];
    }
}
