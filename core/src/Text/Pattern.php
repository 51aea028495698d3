<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

/**
 * Regular expressions whose result is always looked at: PHP's own give nothing where a text is too long for them or is no
 * Unicode, and nothing is easily taken for an empty text or for no match.
 */
final class Pattern
{
    /**
     * Whether the text has it.
     *
     * @param  array<array-key, mixed>|null  $found  what its groups matched
     * @param  int  $flags  PREG_OFFSET_CAPTURE, PREG_UNMATCHED_AS_NULL
     * @param  int  $from  the byte to begin at
     *
     * @param-out array<array-key, mixed> $found
     *
     * @throws PatternFailed
     */
    public static function match(string $pattern, string $text, ?array &$found = null, int $flags = 0, int $from = 0): bool
    {
        /** @var 0|256|512|768 $flags */
        $matched = func_num_args() === 2 ? preg_match($pattern, $text) : preg_match($pattern, $text, $found, $flags, $from);
        $found ??= [];

        return $matched === false ? throw PatternFailed::now() : $matched === 1;
    }

    /**
     * How often the text has it.
     *
     * @param  array<array-key, mixed>|null  $found
     * @param  int  $flags  PREG_SET_ORDER, PREG_OFFSET_CAPTURE, PREG_UNMATCHED_AS_NULL
     *
     * @param-out array<array-key, mixed> $found
     *
     * @throws PatternFailed
     */
    public static function matchAll(string $pattern, string $text, ?array &$found = null, int $flags = 0): int
    {
        $count = preg_match_all($pattern, $text, $found, $flags);

        return $count === false ? throw PatternFailed::now() : $count;
    }

    /**
     * Whether one of the texts has it.
     *
     * @param  array<array-key, string>  $texts
     *
     * @throws PatternFailed
     */
    public static function anyOf(string $pattern, array $texts): bool
    {
        foreach ($texts as $text) {
            if (self::match($pattern, $text)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether each of the texts has it.
     *
     * @param  array<array-key, string>  $texts
     *
     * @throws PatternFailed
     */
    public static function allOf(string $pattern, array $texts): bool
    {
        foreach ($texts as $text) {
            if (! self::match($pattern, $text)) {
                return false;
            }
        }

        return true;
    }

    /** A pattern of the founder's own, which was looked at when it was written: a text that is too much for it does not match. */
    public static function tries(string $pattern, string $text): bool
    {
        return @preg_match($pattern, $text) === 1;
    }

    /** @throws PatternFailed */
    public static function replace(string $pattern, string $by, string $text, int $most = -1): string
    {
        return preg_replace($pattern, $by, $text, $most) ?? throw PatternFailed::now();
    }

    /**
     * @param  callable(array<array-key, string>): string  $by
     *
     * @throws PatternFailed
     */
    public static function replaceEach(string $pattern, callable $by, string $text, int $most = -1): string
    {
        return preg_replace_callback($pattern, $by, $text, $most) ?? throw PatternFailed::now();
    }

    /**
     * @param  int  $flags  PREG_SPLIT_NO_EMPTY, PREG_SPLIT_DELIM_CAPTURE
     * @return list<string>
     *
     * @throws PatternFailed
     */
    public static function split(string $pattern, string $text, int $most = -1, int $flags = 0): array
    {
        /** @var list<string>|false $parts without offsets, which no flag here asks for */
        $parts = preg_split($pattern, $text, $most, $flags);

        return $parts === false ? throw PatternFailed::now() : $parts;
    }
}
