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
use Lanai\Core\Values\Place;

/** Opens a place in the person's own map program (RFC 5870). */
final readonly class ShowOnMap implements Effect
{
    public function __construct(public string $place)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('show on a map', new Blank('place', FormulaFit::giving(Kind::Place)));
    }

    public function run(Doing $doing): void
    {
        $place = $this->place === '' ? null : $doing->scene->value($this->place, 'place');
        if (! $place instanceof Place) {
            throw new Refused('There is no place to show.');
        }
        $doing->outcome->then('open', sprintf('geo:%.6F,%.6F', $place->latitude, $place->longitude));
    }
}
