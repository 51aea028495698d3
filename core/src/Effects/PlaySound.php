<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Values\Address;

final readonly class PlaySound implements Effect
{
    public function __construct(public string $sound)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('play', new Blank('sound', FormulaFit::giving(Kind::Any)));
    }

    public function run(Doing $doing): void
    {
        $media = Address::media($this->sound === '' ? null : $doing->scene->value($this->sound, 'sound'));
        if ($media === '') {
            throw new Refused('There is no sound to play.');
        }
        $doing->outcome->onDevice('play', $media);
    }
}
