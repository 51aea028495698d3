<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Proof;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** Checks the code that was sent, and does what it was sent for: signs up, signs in, or changes the address. */
final readonly class CheckCode implements Effect
{
    use OfAccount;

    public function __construct(public string $code)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('check the code', new Blank('code', FormulaFit::giving(Kind::Text)));
    }

    public function run(Doing $doing): void
    {
        $accounts = self::accounts($doing);
        $value = $this->code === '' ? null : $doing->scene->value($this->code, 'code');
        $code = Pattern::replace('/\s+/', '', is_scalar($value) ? (string) $value : '');
        if ($code === '') {
            throw new Refused('Please type the code from the letter.');
        }
        $doing->enter($doing->outside(fn (): Proof => $accounts->proveCode(self::visit($doing), $code)));
        $doing->outcome->pending = '';
    }
}
