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
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

final readonly class PictureLine implements Tappable
{
    use MayBeTapped;

    public const SHAPES = ['wide' => 'wide', 'square' => 'square', 'tall' => 'tall', 'round' => 'round', 'banner' => 'a banner'];

    /**
     * @param  string  $alt  what a screen reader says for it
     * @param  'wide'|'square'|'tall'|'round'|'banner'|''  $shape  16 to 10, 1 to 1, 3 to 4, a circle, 3 to 1
     * @param  bool  $whole  shown whole in its shape, not cut to fill it
     * @param  list<Effect>  $tapped
     */
    public function __construct(public string $of, public string $alt = '', public string $shape = '', public bool $whole = false, public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Picture of', new Blank('of', FormulaFit::giving(Kind::Picture)))->clauses(
            Clause::of('described as', 'described for people who cannot see it', new Blank('alt', new TextFit)),
            Clause::of('shaped', 'its shape', new Blank('shape', ChoiceFit::of('wide, square, tall, round or a banner', self::SHAPES))),
            Clause::flag('whole', 'shown whole'),
            ...Placing::acting(),
        )->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $picture = $scene->value($this->of, 'of');

        return ['picture' => is_string($picture) ? $picture : '', 'alt' => $scene->text($this->alt, 'alt'), 'shape' => $this->shape === '' ? 'wide' : $this->shape, 'whole' => $this->whole] + $this->taps();
    }
}
