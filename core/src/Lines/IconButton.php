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

/** A button that is only an icon; a screen reader says what it is described as. */
final readonly class IconButton implements Tappable
{
    use MayBeTapped;

    /** @param  list<Effect>  $tapped */
    public function __construct(public string $icon, public string $alt = '', public bool $marked = false, public Placing $placing = new Placing, #[ListOf(Effect::class)] public array $tapped = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Icon button', new Blank('icon', ChoiceFit::of('an icon', array_combine(Tab::ICONS, Tab::ICONS))))
            ->clauses(Clause::of('described as', 'what a screen reader says', new Blank('alt', new TextFit)), Clause::flag('marked', 'marked'), ...Placing::acting())
            ->below(self::whenTapped());
    }

    public function draw(Scene $scene): array
    {
        return ['icon' => $this->icon, 'alt' => $scene->text($this->alt, 'alt'), 'marked' => $this->marked] + $this->taps();
    }
}
