<?php

declare(strict_types=1);

namespace Benchmarks;

/**
 * How much a bench does: as much as its figure takes, or, where LANAI_BENCH_SHORT is set, one short round that only tells whether
 * it still runs and whether both sides still answer the same. The figures of a short round mean nothing.
 */
final class Size
{
    public static function short(): bool
    {
        return getenv('LANAI_BENCH_SHORT') === '1';
    }

    /** @return int how many rows: these, or in a short round only so many as it takes */
    public static function rows(int $usual, int $short = 2000): int
    {
        return self::short() ? min($usual, $short) : $usual;
    }

    /** @return int how many times a work is done: so many, or once */
    public static function rounds(int $usual): int
    {
        return self::short() ? 1 : $usual;
    }
}
