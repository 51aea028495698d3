<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Tab;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;

/** A small sign, with words for people who cannot see it. */
final readonly class IconLine implements Tappable
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(
        public string $icon,
        public string $alt = '',
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Icon', new Blank('icon', ChoiceFit::of('an icon', array_combine(Tab::ICONS, Tab::ICONS))))
            ->clauses(Clause::of('described as', 'described for people who cannot see it', new Blank('alt', new TextFit())), ...Placing::acting())
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['icon' => $this->icon, 'alt' => $scene->text($this->alt, 'alt')] + $this->taps();
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(height: Size::dp(40));
    }
}
