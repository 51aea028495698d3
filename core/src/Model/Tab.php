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

/** One of the tabs at the bottom. */
final readonly class Tab implements HasSentence
{
    public const ICONS = ['home', 'list', 'calendar', 'person', 'place', 'heart', 'star', 'plus', 'search', 'waves', 'bell', 'chat'];

    public function __construct(public string $screen, public string $label, public string $icon = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('tab', new Blank('screen', new ScreenFit), 'as', new Blank('label', new TextFit, label: 'label'))
            ->clauses(Clause::joined('with icon', 'with an icon', new Blank('icon', ChoiceFit::of('an icon', array_combine(self::ICONS, self::ICONS)))));
    }
}
