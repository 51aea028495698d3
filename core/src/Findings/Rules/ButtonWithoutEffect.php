<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ButtonLine;

final class ButtonWithoutEffect implements Rule
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
        foreach ($reading->walk->nodesOf(ButtonLine::class) as $button) {
            if (($button->data['tapped'] ?? []) === []) {
                $mend = new Mend('Let it go back', [['op' => 'add', 'path' => "$button->at/tapped", 'value' => [['kind' => 'goBack']]]]);
                yield Finding::warning(self::class, $button->at, "The button “{$button->text('label')}” does nothing when it is tapped.", $mend);
            }
        }
    }
}
