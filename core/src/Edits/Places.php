<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Sentences;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;

/** The lists of an app, and what can stand in them. */
final class Places
{
    /** @param  string  $list  JSON Pointer, such as /screens/0/lines; null where no list can be there */
    public static function family(Blueprint $blueprint, string $list): ?Family
    {
        $node = $blueprint->walkTo($list)->nodeAt(Pointer::parent($list));
        foreach ($node === null ? [] : Sentences::of($node->class)->below as $below) {
            if (($below instanceof Children || $below instanceof Block) && $below->key === Pointer::last($list)) {
                return $below->family;
            }
        }

        return null;
    }

    public static function count(Blueprint $blueprint, string $list): int
    {
        $there = Pointer::get($list, $blueprint->data());

        return is_array($there) ? count($there) : 0;
    }

    /**
     * The patch that puts items into a list.
     *
     * @param  list<array<string, mixed>>  $items
     * @param  int|null  $index  where; null for the end
     * @return array{Patch, string} and the place of the first of them
     */
    public static function put(Blueprint $blueprint, string $list, ?int $index, array $items): array
    {
        $count = self::count($blueprint, $list);
        $index = max(0, min($index ?? $count, $count));
        if ($count === 0) {
            return [new Patch([['op' => 'add', 'path' => $list, 'value' => $items]]), "$list/0"];
        }
        $operations = [];
        foreach ($items as $i => $item) {
            $operations[] = ['op' => 'add', 'path' => "$list/".($index + $i), 'value' => $item];
        }

        return [new Patch($operations), "$list/$index"];
    }
}
