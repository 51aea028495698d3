<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Blueprint\Pointer;
use Lanai\Core\Blueprint\Routine;
use Lanai\Core\Effects\Confirm;
use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Effects\RemoveAll;
use Lanai\Core\Effects\RemoveRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Script\NodeSpot;

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
        $asked = array_map(fn (NodeSpot $spot): string => $spot->at, $reading->walk->nodesOf(Confirm::class));
        foreach ([...$reading->walk->nodesOf(RemoveRow::class), ...$reading->walk->nodesOf(RemoveAll::class)] as $spot) {
            $what = $spot->is(RemoveAll::class) ? "remove all of {$spot->text('rows')}" : "remove {$spot->text('row')}";
            foreach (self::isAsked($spot, $asked) ? [] : self::begins($spot, $reading) as $begin) {
                if (! self::isAsked($begin, $asked)) {
                    $list = Pointer::parent($begin->at);
                    yield Finding::warning(self::class, $begin->at, "“{$what}” happens at one tap. A finger slips; ask first.",
                        new Mend('Ask first', [['op' => 'add', 'path' => "$list/0", 'value' => ['kind' => 'confirm', 'text' => 'Really remove this?']]]));
                }
            }
        }
    }

    /** @return list<NodeSpot> the effect itself, or those that do the routine it stands in */
    private static function begins(NodeSpot $spot, Reading $reading): array
    {
        $routine = $spot->within(Routine::class);

        return $routine === null ? [$spot] : array_values(array_filter($reading->walk->nodesOf(DoRoutine::class), fn (NodeSpot $do): bool => mb_strtolower($do->text('routine')) === mb_strtolower($routine->text('name')) && $do->within(Routine::class) === null));
    }

    /** @param  list<string>  $asked */
    private static function isAsked(NodeSpot $spot, array $asked): bool
    {
        return array_filter($asked, fn (string $at): bool => self::comesBefore($at, $spot->at)) !== [];
    }

    /** An effect comes before another where it stands earlier in a list that holds the other. */
    private static function comesBefore(string $at, string $other): bool
    {
        $list = Pointer::parent($at);

        return str_starts_with($other, "$list/") && (int) Pointer::last($at) < (int) explode('/', substr($other, strlen($list) + 1))[0];
    }
}
