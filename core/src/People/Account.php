<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Formula\Kind;
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
        return ['account.email' => Type::of(Kind::Text), 'account.guest' => Type::of(Kind::YesNo), 'account.password' => Type::of(Kind::YesNo), 'account.asks' => Type::of(Kind::Text)];
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return ['account.email' => $this->email, 'account.guest' => $this->guest, 'account.password' => $this->password, 'account.asks' => $this->asks];
    }
}
