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
        $doing->outcome->onDevice('open', sprintf('geo:%.6F,%.6F', $place->latitude, $place->longitude));
    }
}
