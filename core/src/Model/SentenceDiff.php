<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Printer;
use Lanai\Core\Language\Prose;
use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;

/** What changed between two states of an app, as sentences. Only what is not the same in both is written and compared. */
final class SentenceDiff
{
    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<array{was: list<string>, now: list<string>}> groups of neighbouring lines
     */
    public static function between(array $before, array $after): array
    {
        [$before, $after] = self::apart($before, $after);
        $differ = new Differ(new DiffOnlyOutputBuilder(''));
        $groups = [];
        $open = ['was' => [], 'now' => []];
        /** @var array{string, int} $piece */
        foreach ($differ->diffToArray(Printer::print($before, Blueprint::class), Printer::print($after, Blueprint::class)) as $piece) {
            [$line, $kind] = $piece;
            $text = rtrim($line, "\n");
            if ($kind === Differ::REMOVED) {
                $open['was'][] = $text;
            } elseif ($kind === Differ::ADDED) {
                $open['now'][] = $text;
            } elseif ($open !== ['was' => [], 'now' => []]) {
                $groups[] = $open;
                $open = ['was' => [], 'now' => []];
            }
        }

        return $open === ['was' => [], 'now' => []] ? $groups : [...$groups, $open];
    }

    /**
     * Both without the items at the beginning and the end of each list that are the same. Where some are not, one neighbour stays on each
     * side: it keeps groups apart that do not stand together.
     *
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return array{array<string, mixed>, array<string, mixed>}
     */
    private static function apart(array $before, array $after): array
    {
        foreach (array_keys($before + $after) as $key) {
            [$was, $now] = [$before[$key] ?? [], $after[$key] ?? []];
            if (! is_array($was) || ! is_array($now) || ! array_is_list($was) || ! array_is_list($now)) {
                continue;
            }
            $most = min(count($was), count($now));
            for ($first = 0; $first < $most && $was[$first] === $now[$first]; $first++);
            for ($last = 0; $last < $most - $first && $was[count($was) - 1 - $last] === $now[count($now) - 1 - $last]; $last++);
            $changed = $first < max(count($was), count($now));
            $from = $changed ? max(0, $first - 1) : $first;
            $behind = max(0, $last - 1);
            $before[$key] = array_slice($was, $from, count($was) - $from - $behind);
            $after[$key] = array_slice($now, $from, count($now) - $from - $behind);
        }

        return [Prose::node($before), Prose::node($after)];
    }
}
