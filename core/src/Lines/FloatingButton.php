<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Tab;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Tappable;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

/** A round button that floats over the lower corner of the screen. */
final readonly class FloatingButton implements Tappable
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(public string $label, public string $icon = '', public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Floating button', new Blank('label', new TextFit))
            ->clauses(Clause::joined('with icon', 'with an icon', new Blank('icon', ChoiceFit::of('an icon', array_combine(Tab::ICONS, Tab::ICONS)))), ...Placing::acting())
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['label' => $scene->text($this->label, 'label'), 'icon' => $this->icon === '' ? 'plus' : $this->icon] + $this->taps();
    }
}
