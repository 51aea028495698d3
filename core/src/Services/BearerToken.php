<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\SignsIn;

/** A bearer token (RFC 6750, section 2.1). */
final readonly class BearerToken implements SignsIn
{
    public static function sentence(): Sentence
    {
        return Sentence::of('signs in with a bearer token');
    }

    public function signed(Message $message, Secret $secret): Message
    {
        return $message->header('Authorization', "Bearer $secret->secret");
    }

    public function headers(): array
    {
        return ['Authorization'];
    }

    public function place(): string
    {
        return 'the header “Authorization”, as “Bearer” and the token';
    }

    public function asks(): array
    {
        return [['part' => 'secret', 'label' => 'Token']];
    }
}
