<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\ScreenFit;

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
