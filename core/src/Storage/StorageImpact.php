<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Pattern;

/** Whether a change of an app can ask anything of its storage: most edits of a screen do not, and then nothing need be compared. */
final class StorageImpact
{
    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @param  list<array{op: string, path: string, from?: string, value?: mixed}>  $operations  a JSON Patch from the one to the other
     */
    public static function by(array $before, array $after, array $operations): bool
    {
        foreach ($operations as $operation) {
            foreach (array_filter([$operation['path'], $operation['from'] ?? null], is_string(...)) as $path) {
                if (Pattern::match('~^($|/tables(/|$))~', $path) || self::liesInList($path, $before) || self::liesInList($path, $after)) {
                    return true;
                }
            }
            if ($operation['op'] !== 'move' && (self::asks(Pointer::get($operation['path'], $before)) || self::asks($operation['value'] ?? null))) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether a place is a part of a list on a screen, of which the indexes are made.
     *
     * @param  array<string, mixed>  $data
     */
    private static function liesInList(string $path, array $data): bool
    {
        $line = Pattern::match('~^(/screens/\d+/lines/\d+)/~', $path, $found) ? Pointer::get($found[1], $data) : null;

        return is_array($line) && ($line['kind'] ?? '') === 'list';
    }

    /** Whether a value is a list, holds one, or looks rows up by a field, as in count(where(others, code == kind)). */
    private static function asks(mixed $value): bool
    {
        $json = $value === null ? '' : (string) json_encode($value, JSON_UNESCAPED_SLASHES);

        return str_contains($json, '"kind":"list"') || (str_contains($json, '==') && str_contains($json, '('));
    }
}
