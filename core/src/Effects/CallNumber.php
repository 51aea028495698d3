<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Text\Pattern;

/** Calls a number with the phone (RFC 3966). */
final readonly class CallNumber implements Effect
{
    use OnDevice;

    public function __construct(public string $number)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('call', new Blank('number', FormulaFit::giving(Kind::Text)));
    }

    public function run(Doing $doing): void
    {
        $number = self::needed($this->number === '' ? null : $doing->scene->value($this->number, 'number'), 'There is no number to call.');
        $doing->outcome->onDevice('open', 'tel:'.Pattern::replace('/[^0-9+*#]/', '', $number));
    }
}
