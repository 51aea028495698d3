<?php

declare(strict_types=1);

namespace App;

/**
 * Arrays in the binary form of the igbinary extension: about a third as long as JSON and read six times as fast. For what
 * Lanai keeps for itself; what leaves it is JSON, CSV or a script.
 */
final class Compact
{
    /** How igbinary begins, by its version 2. */
    private const BEGINS = "\0\0\0\2";

    /** @param  array<array-key, mixed>  $data */
    public static function written(array $data): string
    {
        return (string) igbinary_serialize($data);
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws \UnexpectedValueException where it is neither that nor JSON, which an older version has kept
     */
    public static function read(string $kept): array
    {
        $read = str_starts_with($kept, self::BEGINS) ? @igbinary_unserialize($kept) : json_decode($kept, true);

        return is_array($read) ? $read : throw new \UnexpectedValueException('What was kept cannot be read.');
    }
}
