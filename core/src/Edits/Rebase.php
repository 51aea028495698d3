<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Pattern;

/** Whether an edit that was made on an older revision may still be applied to the newest one. */
final class Rebase
{
    /**
     * @param  list<string>  $places  JSON Pointers of what the edit touches; '' for all of it
     * @param  list<list<array{op: string, path: string, from?: string, value?: mixed}>>  $since  patches made meanwhile
     *
     * @throws EditRefused where one of them touched the same place or moved it
     */
    public static function check(array $places, array $since): void
    {
        foreach ($since as $patch) {
            foreach ($patch as $operation) {
                foreach (array_filter([$operation['path'], $operation['from'] ?? '']) as $path) {
                    foreach ($places as $at) {
                        self::refuse($operation['op'], $path, $at);
                    }
                }
            }
        }
    }

    /** @throws EditRefused */
    private static function refuse(string $operation, string $path, string $at): void
    {
        if (self::covers($path, $at) || self::covers($at, $path) || (self::reorders($operation, $path) && self::covers(Pointer::parent($path), $at))) {
            throw new EditRefused(
                'This place was changed in another window a moment ago. It is shown as it is now; please repeat your change if you still want it.',
            );
        }
    }

    private static function covers(string $outer, string $inner): bool
    {
        return $inner === $outer || str_starts_with($inner, "$outer/");
    }

    private static function reorders(string $operation, string $path): bool
    {
        return $operation !== 'replace' && Pattern::match('~/(\d+|-)$~', $path);
    }
}
