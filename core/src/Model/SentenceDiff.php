<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Printer;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\Sentences;
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
            if (is_array($was) && is_array($now) && array_is_list($was) && array_is_list($now)) {
                [$before[$key], $after[$key]] = self::without($was, $now);
            }
        }

        return self::within(Prose::node($before), Prose::node($after), Blueprint::class);
    }

    /**
     * The lists under a sentence in the same way: what is printed on lines of its own, as far down as both have it.
     *
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @param  class-string<HasSentence>  $class
     * @return array{array<string, mixed>, array<string, mixed>}
     */
    private static function within(array $before, array $after, string $class): array
    {
        foreach (Sentences::of($class)->below as $below) {
            if (! ($below instanceof Children || $below instanceof Block)) {
                continue;
            }
            [$was, $now] = [$before[$below->key] ?? [], $after[$below->key] ?? []];
            if (! is_array($was) || ! is_array($now) || ! array_is_list($was) || ! array_is_list($now)) {
                continue;
            }
            [$was, $now] = self::without($was, $now);
            // Where some came or went it is not told which of them belong together.
            foreach (count($was) === count($now) ? array_keys($was) : [] as $i) {
                [$one, $other] = [Prose::node($was[$i]), Prose::node($now[$i])];
                $kind = $below->family->classOf($one);
                [$was[$i], $now[$i]] = $kind === $below->family->classOf($other) ? self::within($one, $other, $kind) : [$one, $other];
            }
            [$before[$below->key], $after[$below->key]] = [$was, $now];
        }

        return [$before, $after];
    }

    /**
     * @param  list<mixed>  $was
     * @param  list<mixed>  $now
     * @return array{list<mixed>, list<mixed>}
     */
    private static function without(array $was, array $now): array
    {
        $most = min(count($was), count($now));
        for ($first = 0; $first < $most && $was[$first] === $now[$first]; $first++);
        for ($last = 0; $last < $most - $first && $was[count($was) - 1 - $last] === $now[count($now) - 1 - $last]; $last++);
        $from = $first < max(count($was), count($now)) ? max(0, $first - 1) : $first;
        $behind = max(0, $last - 1);

        return [array_slice($was, $from, count($was) - $from - $behind), array_slice($now, $from, count($now) - $from - $behind)];
    }
}
