<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Sentence;
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
        $doing->outcome->then('play', $media);
    }
}
