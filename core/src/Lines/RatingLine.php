<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;

/** Stars, filled as far as a number goes. */
final readonly class RatingLine implements Tappable
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(
        public string $of,
        public ?int $most = null,
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Rating of', new Blank('of', FormulaFit::giving(Kind::Decimal)))
            ->clauses(Clause::of('out of', 'out of how many stars', new Blank('most', NumberFit::whole(2, 10))), ...Placing::acting())
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $stars = $scene->value($this->of, 'of');

        return ['stars' => is_int($stars) || is_float($stars) ? round(max(0, min($this->most ?? 5, $stars)), 2) : 0, 'most' => $this->most ?? 5] +
            $this->taps();
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(height: Size::dp($setting->pen->rem(2)));
    }
}
