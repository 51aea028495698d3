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
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** A round button that floats over the lower corner of the screen. */
final readonly class FloatingButton implements Labelled
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(
        public string $label,
        public string $icon = '',
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Floating button', new Blank('label', new TextFit()))
            ->clauses(
                Clause::joined('with icon', 'with an icon', new Blank('icon', ChoiceFit::of('an icon', array_combine(Tab::ICONS, Tab::ICONS)))),
                ...Placing::acting(),
            )
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['label' => $scene->text($this->label, 'label'), 'icon' => $this->icon === '' ? 'plus' : $this->icon] + $this->taps();
    }

    public function label(Scene $scene, string $part): array
    {
        return [$scene->text($this->label, 'label'), false];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(width: Size::dp(56), height: Size::dp(56), marks: ['taps' => true]);
    }
}
