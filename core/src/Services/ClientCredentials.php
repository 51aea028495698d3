<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\SignsIn;

/** OAuth 2 client credentials (RFC 6749, section 4.4): a token is got first, and kept as long as it lasts. */
final readonly class ClientCredentials implements SignsIn
{
    public function __construct(public string $token = '', public string $scope = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('signs in with client credentials at', new Blank('token', TextFit::plain()))->clauses(
            Clause::of('for', 'for a scope', new Blank('scope', TextFit::plain())),
        );
    }

    /** Here the secret is the access token. */
    public function signed(Message $message, Secret $secret): Message
    {
        return $message->header('Authorization', "Bearer $secret->secret");
    }

    /** The request for a token: the client shows itself by RFC 7617 (RFC 6749, section 2.3.1). */
    public function tokenRequest(string $address, Secret $secret): Message
    {
        return (new Message(
            'POST',
            $address,
            ['Accept' => 'application/json'],
            http_build_query(array_filter(['grant_type' => 'client_credentials', 'scope' => $this->scope])),
            'application/x-www-form-urlencoded',
        ))->header('Authorization', 'Basic '.base64_encode(rawurlencode($secret->name).':'.rawurlencode($secret->secret)));
    }

    public function headers(): array
    {
        return ['Authorization'];
    }

    public function place(): string
    {
        return 'the header “Authorization”, as “Bearer” and a token that Lanai gets by itself';
    }

    public function asks(): array
    {
        return [['part' => 'name', 'label' => 'Client id'], ['part' => 'secret', 'label' => 'Client secret']];
    }
}
