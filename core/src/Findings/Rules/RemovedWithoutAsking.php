<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Blueprint\Pointer;
use Lanai\Core\Effects\Confirm;
use Lanai\Core\Effects\RemoveRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** A row that goes at one tap, with no question before it. */
final class RemovedWithoutAsking implements Rule
{
    public function holds(): string
    {
        return 'Nothing is removed without a question before it.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $asked = array_map(fn ($spot): string => $spot->at, $reading->walk->nodesOf(Confirm::class));
        foreach ($reading->walk->nodesOf(RemoveRow::class) as $spot) {
            $list = Pointer::parent($spot->at);
            $before = array_filter($asked, fn (string $at): bool => self::comesBefore($at, $spot->at));
            if ($before === []) {
                yield Finding::warning(self::class, $spot->at, "“remove {$spot->text('row')}” happens at one tap. A finger slips; ask first.",
                    new Mend('Ask first', [['op' => 'add', 'path' => "$list/0", 'value' => ['kind' => 'confirm', 'text' => 'Really remove this?']]]));
            }
        }
    }

    /** An effect comes before another where it stands earlier in a list that holds the other. */
    private static function comesBefore(string $at, string $other): bool
    {
        $list = Pointer::parent($at);

        return str_starts_with($other, "$list/") && (int) Pointer::last($at) < (int) explode('/', substr($other, strlen($list) + 1))[0];
    }
}
