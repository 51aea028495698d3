<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;

/** Sets a value of the app. */
final readonly class SetValue implements Effect
{
    public function __construct(public string $value, public string $to = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('set value', new Blank('value', NamedFit::value()), 'to', new Blank('to', FormulaFit::giving(Kind::Any)));
    }

    public function run(Doing $doing): void
    {
        $value = $doing->scene->blueprint->appValue($this->value) ?? throw new Refused('There is nothing to set here yet.');
        $new = $this->to === '' ? null : $doing->scene->value($this->to, 'to');
        $doing->keep($value, $new);
    }
}
