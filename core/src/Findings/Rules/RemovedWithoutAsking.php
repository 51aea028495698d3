<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\Confirm;
use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Effects\RemoveAll;
use Lanai\Core\Effects\RemoveRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Pattern;

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
        $asked = [];
        foreach (array_keys($reading->placesOf(Confirm::class)) as $at) {
            $asked[Pointer::parent($at)][] = (int) Pointer::last($at);
        }
        $text = fn (array $data, string $key): string => is_string($data[$key] ?? null) ? $data[$key] : '';
        foreach ([RemoveRow::class => ['remove', 'row'], RemoveAll::class => ['remove all of', 'rows']] as $class => [$does, $key]) {
            foreach ($reading->placesOf($class) as $at => $data) {
                foreach (self::isAsked($at, $asked) ? [] : self::begins($at, $reading) as $begin) {
                    if (! self::isAsked($begin, $asked)) {
                        $list = Pointer::parent($begin);
                        yield Finding::warning(
                            self::class,
                            $begin,
                            "“$does {$text($data, $key)}” happens at one tap. A finger slips; ask first.",
                            new Mend('Ask first', [['op' => 'add', 'path' => "$list/0", 'value' => ['kind' => 'confirm', 'text' => 'Really remove this?']]]),
                        );
                    }
                }
            }
        }
    }

    /** @return list<string> the place of the effect itself, or of those that do the routine it stands in */
    private static function begins(string $at, Reading $reading): array
    {
        $routine = Pattern::match('~^/routines/(\d+)/~', $at, $found) ? $reading->blueprint->routines[(int) $found[1]] : null;
        if ($routine === null) {
            return [$at];
        }
        $does = array_filter(
            $reading->placesOf(DoRoutine::class),
            fn (array $do, string $place): bool => is_string($do['routine'] ?? null) &&
                mb_strtolower($do['routine']) === mb_strtolower($routine->name) &&
                ! str_starts_with($place, '/routines/'),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_keys($does);
    }

    /**
     * Whether a question comes before an effect: it stands earlier in a list that holds the effect.
     *
     * @param  array<string, non-empty-list<int>>  $asked  list => the indexes of the questions in it
     */
    private static function isAsked(string $at, array $asked): bool
    {
        for ($place = $at; $place !== ''; $place = Pointer::parent($place)) {
            $index = Pointer::last($place);
            if (ctype_digit($index) && isset($asked[Pointer::parent($place)]) && min($asked[Pointer::parent($place)]) < (int) $index) {
                return true;
            }
        }

        return false;
    }
}
