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

/** How much of something is done, as a bar. */
final readonly class Progress implements Tappable
{
    use MayBeTapped;

    /**
     * @param  string  $outOf  a formula; without it the number is a share from 0 to 1
     * @param  list<Effect>  $tapped
     */
    public function __construct(public string $of, public string $outOf = '', public string $saying = '', public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Progress of', new Blank('of', FormulaFit::giving(Kind::Decimal)))->clauses(
            Clause::of('out of', 'out of how many', new Blank('outOf', FormulaFit::giving(Kind::Decimal))),
            Clause::of('saying', 'with words', new Blank('saying', new TextFit)),
            ...Placing::acting(),
        )->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $done = $scene->value($this->of, 'of');
        $whole = $this->outOf === '' ? 1 : $scene->value($this->outOf, 'outOf');
        $share = (is_int($done) || is_float($done)) && (is_int($whole) || is_float($whole)) && $whole > 0 ? $done / $whole : 0;

        return ['share' => round(max(0, min(1, $share)), 4), 'text' => $scene->text($this->saying, 'saying')] + $this->taps();
    }
}
