<?php

declare(strict_types=1);

namespace Lanai\Core\Script;

use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;

/** What changed between two states of an app, as sentences. */
final class SentenceDiff
{
    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<array{was: list<string>, now: list<string>}> groups of neighbouring lines
     */
    public static function between(array $before, array $after): array
    {
        $differ = new Differ(new DiffOnlyOutputBuilder(''));
        $groups = [];
        $open = ['was' => [], 'now' => []];
        /** @var array{string, int} $piece */
        foreach ($differ->diffToArray(Printer::print($before), Printer::print($after)) as $piece) {
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
}
