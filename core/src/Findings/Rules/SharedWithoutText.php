<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Screen;

/** A screen that is to take what is shared, and is given no text; or a second one. */
final class SharedWithoutText implements Rule
{
    public function holds(): string
    {
        return 'What is shared to the app opens one screen, which is given it.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $opened = $reading->blueprint->sharedScreen();
        foreach ($reading->blueprint->screens as $i => $screen) {
            if (! $screen->shared || $screen === $opened) {
                continue;
            }
            yield Finding::warning(
                self::class,
                "/screens/$i",
                $screen->takesText()
                    ? "What is shared opens {$opened?->name}, and never $screen->name."
                    : "$screen->name takes what is shared, but it is not given a text and nothing else.",
                self::mend($screen, $i),
            );
        }
    }

    private static function mend(Screen $screen, int $i): Mend
    {
        return $screen->parameters() === []
            ? new Mend('Let it be given the shared text', [
                ['op' => 'add', 'path' => "/screens/$i/taking", 'value' => [['name' => 'Shared', 'type' => ['kind' => 'text']]]],
            ])
            : new Mend('Let it not take what is shared', [['op' => 'remove', 'path' => "/screens/$i/shared"]]);
    }
}
