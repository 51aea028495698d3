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
use Lanai\Core\Values\Place;

/** A place on a map, with its coordinates; without a service that draws maps, on a plain one of the world's shores. */
final readonly class MapLine implements Tappable
{
    use MayBeTapped;

    /**
     * @param  bool  $here  the person may see where they are themselves
     * @param  list<Effect>  $tapped
     */
    public function __construct(
        public string $of,
        public string $saying = '',
        public bool $here = false,
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Map of', new Blank('of', FormulaFit::giving(Kind::Place)))
            ->clauses(
                Clause::of('saying', 'with words', new Blank('saying', new TextFit())),
                Clause::flag('here', 'marking where one is'),
                ...Placing::acting(),
            )
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        $place = $scene->value($this->of, 'of');

        return [
            'place' => $place instanceof Place ? OnMap::place($place) : null,
            'text' => $scene->text($this->saying, 'saying'),
        ] + OnMap::tiles($scene->blueprint) + ($this->here ? ['here' => true] : []) + $this->taps();
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $place = is_array($node['place'] ?? null) ? $node['place'] : null;
        if ($place === null) {
            return $setting->said($setting->own('There is no place to show.'));
        }
        $side = fn (mixed $value, string $plus, string $minus): string => is_int($value) || is_float($value)
            ? sprintf('%.4F° %s', abs($value), $value < 0 ? $minus : $plus)
            : '';
        $words = $side($place['latitude'] ?? 0, 'N', 'S').', '.$side($place['longitude'] ?? 0, 'E', 'W');
        $text = Nodes::text($node, 'text');
        $words = $text === '' ? $words : "$text · $words";

        return $setting->stacked([new Box(height: Size::dp(200)), new Box(text: $setting->pen->text($words, 0.875, 1.25))], 6);
    }
}
