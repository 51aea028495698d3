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
use Lanai\Core\Script\Fits\NumberFit;
use Lanai\Core\Script\Sentence;

/** Stars, filled as far as a number goes. */
final readonly class RatingLine implements Tappable
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(public string $of, public ?int $most = null, public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Rating of', new Blank('of', FormulaFit::giving(Kind::Decimal)))->clauses(
            Clause::of('out of', 'out of how many stars', new Blank('most', NumberFit::whole(2, 10))),
            ...Placing::acting(),
        )->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $stars = $scene->value($this->of, 'of');

        return ['stars' => is_int($stars) || is_float($stars) ? round(max(0, min($this->most ?? 5, $stars)), 2) : 0, 'most' => $this->most ?? 5] + $this->taps();
    }
}
