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
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;

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
    public function __construct(
        public string $of,
        public string $alt = '',
        public string $shape = '',
        public bool $whole = false,
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Picture of', new Blank('of', FormulaFit::giving(Kind::Picture)))
            ->clauses(
                Clause::of('described as', 'described for people who cannot see it', new Blank('alt', new TextFit())),
                Clause::of('shaped', 'its shape', new Blank('shape', ChoiceFit::of('wide, square, tall, round or a banner', self::SHAPES))),
                Clause::flag('whole', 'shown whole'),
                ...Placing::acting(),
            )
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $picture = $scene->value($this->of, 'of');

        return [
            'picture' => is_string($picture) ? $picture : '',
            'alt' => $scene->text($this->alt, 'alt'),
            'shape' => $this->shape === '' ? 'wide' : $this->shape,
            'whole' => $this->whole,
        ] +
            $this->taps() +
            // What the app brings along is there to be seen, not to be looked at closely.
            ($picture !== null && $this->tapped === [] && ! str_starts_with($this->of, 'asset.') ? ['opens' => true] : []);
    }

    /** Of the height of the page, at the most; and of one that is tall by itself. */
    private const MOST = 0.62;

    private const TALL = 0.8;

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        // On a page that lies it leaves room for what stands below it.
        $high = $setting->pen->device->height;

        return match ($node['shape'] ?? '') {
            'square' => new Box(aspect: 1, maxHeight: $high * self::MOST),
            'tall' => new Box(aspect: 3 / 4, maxHeight: $high * self::TALL),
            'banner' => new Box(aspect: 3),
            'round' => new Box(width: Size::dp(96), aspect: 1, marks: ['narrow' => true]),
            default => new Box(aspect: 16 / 10, maxHeight: $high * self::MOST),
        };
    }
}
