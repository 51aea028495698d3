<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\CountMe;
use Lanai\Core\Effects\DoNotCountMe;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Text\Pattern;

/** Who does not want to be counted cannot change their mind. */
final class CountedAgain implements Rule
{
    public function holds(): string
    {
        return 'Whoever does not want to be counted can change their mind.';
    }

    public function station(): Station
    {
        return Station::Reach;
    }

    public function look(Reading $reading): iterable
    {
        if ($reading->placesOf(CountMe::class) !== []) {
            return;
        }
        foreach (array_keys($reading->placesOf(DoNotCountMe::class)) as $at) {
            // Beside the button that says no stands one that says yes.
            $isLine = Pattern::match('~^(/screens/\d+/lines)/\d+/tapped/\d+$~', $at, $found);
            $yes = ['kind' => 'button', 'label' => 'Count me again', 'quiet' => true, 'tapped' => [['kind' => 'countMe']]];
            yield Finding::warning(
                self::class,
                $at,
                'Whoever does not want to be counted cannot change their mind: nothing says “count me”.',
                $isLine ? new Mend('A button that says so', [['op' => 'add', 'path' => "$found[1]/-", 'value' => $yes]]) : null,
            );

            return;
        }
    }
}
