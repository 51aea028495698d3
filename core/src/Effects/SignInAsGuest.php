<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Proof;

/** Lets somebody in without an account. */
final readonly class SignInAsGuest implements Effect
{
    use OfAccount;

    public static function sentence(): Sentence
    {
        return Sentence::of('sign in as a guest');
    }

    public function run(Doing $doing): void
    {
        $accounts = self::accounts($doing);
        $doing->enter($doing->outside(fn (): Proof => $accounts->proveGuest(self::visit($doing))));
    }
}
