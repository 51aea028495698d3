<?php

declare(strict_types=1);

namespace Lanai\Core\Script;

/**
 * Regular expressions whose result is always looked at: PHP's own give nothing where a text is too long for them or is no
 * Unicode, and nothing is easily taken for an empty text.
 */
final class Pattern
{
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
