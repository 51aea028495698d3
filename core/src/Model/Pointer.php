<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

/** JSON Pointers (RFC 6901) into plain arrays. */
final class Pointer
{
    /** @return list<string> */
    public static function parts(string $pointer): array
    {
        return $pointer === '' ? [] : array_map(fn (string $p): string => strtr($p, ['~1' => '/', '~0' => '~']), explode('/', substr($pointer, 1)));
    }

    /** @param  array<array-key, mixed>  $data */
    public static function get(string $pointer, array $data): mixed
    {
        $at = $data;
        foreach (self::parts($pointer) as $part) {
            if (! is_array($at) || ! array_key_exists($part, $at)) {
                return null;
            }
            $at = $at[$part];
        }

        return $at;
    }

    /** @param  array<array-key, mixed>  $data */
    public static function exists(string $pointer, array $data): bool
    {
        $at = $data;
        foreach (self::parts($pointer) as $part) {
            if (! is_array($at) || ! array_key_exists($part, $at)) {
                return false;
            }
            $at = $at[$part];
        }

        return true;
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    public static function set(string $pointer, array $data, mixed $value): array
    {
        $at = &$data;
        foreach (self::parts($pointer) as $part) {
            if (! is_array($at)) {
                $at = [];
            }
            $at = &$at[$part];
        }
        $at = $value;

        /** @var array<string, mixed> $data */
        return $data;
    }

    public static function parent(string $pointer): string
    {
        $cut = strrpos($pointer, '/');

        return $cut === false ? '' : substr($pointer, 0, $cut);
    }

    public static function last(string $pointer): string
    {
        $parts = self::parts($pointer);

        return $parts[count($parts) - 1] ?? '';
    }

    /** @param  array<array-key, mixed>  $data */
    public static function inList(string $pointer, array $data): bool
    {
        $parent = self::get(self::parent($pointer), $data);

        return is_array($parent) && array_is_list($parent) && ($parent !== [] || in_array(self::last($pointer), ['-', '0'], true));
    }

    /**
     * The pointer with "-" made into the index it will stand at.
     *
     * @param  array<array-key, mixed>  $data
     * @param  bool  $moved  where the item comes out of the same list first
     */
    public static function settled(string $pointer, array $data, bool $moved = false): string
    {
        if (self::last($pointer) !== '-') {
            return $pointer;
        }
        $list = self::get(self::parent($pointer), $data);

        return self::parent($pointer).'/'.(count(is_array($list) ? $list : []) - ($moved ? 1 : 0));
    }
}
