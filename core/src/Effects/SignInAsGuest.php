<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\People\Proof;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Sentence;

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
