<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ButtonLine;
use Lanai\Core\Lines\Entry;
use Lanai\Core\Lines\FloatingButton;
use Lanai\Core\Lines\ForChosen;
use Lanai\Core\Lines\IconButton;
use Lanai\Core\Lines\LinkLine;
use Lanai\Core\Lines\Swipe;

final class ButtonWithoutEffect implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every button does something.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $buttons = [
            ...$reading->nodesOf(ButtonLine::class),
            ...$reading->nodesOf(LinkLine::class),
            ...$reading->nodesOf(IconButton::class),
            ...$reading->nodesOf(FloatingButton::class),
            ...$reading->nodesOf(Entry::class),
            ...$reading->nodesOf(Swipe::class),
            ...$reading->nodesOf(ForChosen::class),
        ];
        foreach ($buttons as $button) {
            if (($button->data['tapped'] ?? []) === []) {
                $mend = new Mend('Let it go back', [['op' => 'add', 'path' => "$button->at/tapped", 'value' => [['kind' => 'goBack']]]]);
                yield Finding::warning(
                    self::class,
                    $button->at,
                    "The button “{$button->text($button->is(IconButton::class) ? 'icon' : 'label')}” does nothing when it is tapped.",
                    $mend,
                );
            }
        }
    }
}
