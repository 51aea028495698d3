<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Type;

/** What formulas know of one's own account: "account.email". */
final readonly class Account
{
    /** @param  string|null  $asks  the role that was asked for and is not decided yet */
    public function __construct(public ?string $email = null, public bool $guest = false, public bool $password = false, public ?string $asks = null)
    {
    }

    /** @return array<string, Type> */
    public static function types(): array
    {
        return [
            Prefix::Account->key('email') => Type::of(Kind::Text),
            Prefix::Account->key('guest') => Type::of(Kind::YesNo),
            Prefix::Account->key('password') => Type::of(Kind::YesNo),
            Prefix::Account->key('asks') => Type::of(Kind::Text),
        ];
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return [
            Prefix::Account->key('email') => $this->email,
            Prefix::Account->key('guest') => $this->guest,
            Prefix::Account->key('password') => $this->password,
            Prefix::Account->key('asks') => $this->asks,
        ];
    }
}
