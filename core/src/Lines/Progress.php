<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;

/** How much of something is done, as a bar. */
final readonly class Progress implements Tappable
{
    use MayBeTapped;

    /**
     * @param  string  $outOf  a formula; without it the number is a share from 0 to 1
     * @param  list<Effect>  $tapped
     */
    public function __construct(
        public string $of,
        public string $outOf = '',
        public string $saying = '',
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Progress of', new Blank('of', FormulaFit::giving(Kind::Decimal)))
            ->clauses(
                Clause::of('out of', 'out of how many', new Blank('outOf', FormulaFit::giving(Kind::Decimal))),
                Clause::of('saying', 'with words', new Blank('saying', new TextFit())),
                ...Placing::acting(),
            )
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $done = $scene->value($this->of, 'of');
        $whole = $this->outOf === '' ? 1 : $scene->value($this->outOf, 'outOf');
        $share = (is_int($done) || is_float($done)) && (is_int($whole) || is_float($whole)) && $whole > 0 ? $done / $whole : 0;

        return ['share' => round(max(0, min(1, $share)), 4), 'text' => $scene->text($this->saying, 'saying')] + $this->taps();
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $text = Nodes::text($node, 'text');

        return $setting->stacked([new Box(height: Size::dp(12)), ...$text === '' ? [] : [new Box(text: $setting->pen->text($text, 0.9375, 1.375))]], 4);
    }
}
