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

/** Begins an account with a password. A code goes to the address; checking it makes the account. */
final readonly class SignUp implements Effect
{
    use OfAccount;

    /**
     * @param  string  $email  a formula
     * @param  string  $password  a formula
     * @param  string  $named  a formula; '' for no name yet
     * @param  string  $role  a formula that gives the name of a role that may be chosen
     */
    public function __construct(public string $email, public string $password = '', public string $named = '', public string $role = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('sign up with', new Blank('email', FormulaFit::giving(Kind::Text)))->clauses(
            Clause::of('password', 'the password', new Blank('password', FormulaFit::giving(Kind::Text))),
            Clause::of('named', 'the name', new Blank('named', FormulaFit::giving(Kind::Text))),
            Clause::of('in the role', 'the role', new Blank('role', FormulaFit::giving(Kind::Text))),
        );
    }

    public function run(Doing $doing): void
    {
        $accounts = self::accounts($doing);
        $email = self::given($doing, $this->email, 'email', 'Please type your e-mail address.');
        $password = self::secret($doing, $this->password, 'password');
        $named = self::given($doing, $this->named, 'named', '');
        $role = self::given($doing, $this->role, 'role', '');
        $handle = $doing->outside(fn (): string => $accounts->beginSignUp(self::visit($doing), $email, $password, $named, $role));
        $doing->outcome->pending = is_string($handle) ? $handle : '';
        $doing->scene->trail->step('sent', 'a code by e-mail', $doing->scene->at);
    }
}
