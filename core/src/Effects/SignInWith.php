<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Proof;

/** Signs in with an address and a password. */
final readonly class SignInWith implements Effect
{
    use OfAccount;

    public function __construct(public string $email, public string $password = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('sign in with', new Blank('email', FormulaFit::giving(Kind::Text)))->clauses(
            Clause::of('password', 'the password', new Blank('password', FormulaFit::giving(Kind::Text))),
        );
    }

    public function run(Doing $doing): void
    {
        $accounts = self::accounts($doing);
        $email = self::given($doing, $this->email, 'email', 'Please type your e-mail address.');
        $password = self::secret($doing, $this->password, 'password');
        $proof = $doing->outside(fn (): Proof => $accounts->provePassword(self::visit($doing), $email, $password));
        $doing->enter($proof);
    }
}
