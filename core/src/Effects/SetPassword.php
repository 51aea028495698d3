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

/** Sets one's own password. */
final readonly class SetPassword implements Effect
{
    use OfAccount;

    /** @param  string  $knowing  a formula: the password so far; '' for those who came in by a code a moment ago */
    public function __construct(public string $password, public string $knowing = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('set my password to', new Blank('password', FormulaFit::giving(Kind::Text)))->clauses(
            Clause::of('knowing', 'the password so far', new Blank('knowing', FormulaFit::giving(Kind::Text))),
        );
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        $accounts = self::accounts($doing);
        $password = self::secret($doing, $this->password, 'password');
        $knowing = $this->knowing === '' ? null : $doing->scene->value($this->knowing, 'knowing');
        $doing->enter($doing->outside(fn (): Proof => $accounts->provePasswordChange(self::visit($doing), $password, is_string($knowing) ? $knowing : '')));
    }
}
