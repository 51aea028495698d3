<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Tappable;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Values\Place;

/** A place, on a plain map of the world's shores, with its coordinates. */
final readonly class MapLine implements Tappable
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(public string $of, public string $saying = '', public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Map of', new Blank('of', FormulaFit::giving(Kind::Place)))->clauses(Clause::of('saying', 'with words', new Blank('saying', new TextFit)), ...Placing::acting())->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $place = $scene->value($this->of, 'of');

        return ['place' => $place instanceof Place ? ['latitude' => $place->latitude, 'longitude' => $place->longitude] : null, 'text' => $scene->text($this->saying, 'saying')] + $this->taps();
    }
}
