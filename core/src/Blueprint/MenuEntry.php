<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Blueprint\Fits\ScreenFit;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

/** One entry of the menu at the side. */
final readonly class MenuEntry implements HasSentence
{
    public function __construct(public string $screen, public string $label, public string $icon = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('side menu', new Blank('screen', new ScreenFit), 'as', new Blank('label', new TextFit, label: 'label'))
            ->clauses(Clause::joined('with icon', 'with an icon', new Blank('icon', ChoiceFit::of('an icon', array_combine(Tab::ICONS, Tab::ICONS)))));
    }
}
