<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Sends a code to a new address of one's own; checking it makes the address one's own. */
final readonly class SetEmail implements Effect
{
    use OfAccount;

    public function __construct(public string $email)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('set my e-mail to', 'set my email to'), new Blank('email', FormulaFit::giving(Kind::Text)));
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        $accounts = self::accounts($doing);
        $email = self::given($doing, $this->email, 'email', 'Please type your e-mail address.');
        $handle = $doing->outside(fn (): string => $accounts->beginEmailChange(self::visit($doing), $email));
        $doing->outcome->pending = is_string($handle) ? $handle : '';
        $doing->scene->trail->step('sent', 'a code by e-mail', $doing->scene->at);
    }
}
