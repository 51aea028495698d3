<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Written;

use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** Numbers as they are written with a point or with a comma before their decimals. */
final class Numerals
{
    /** What stands between groups of three digits besides the other sign: spaces of every width, and an apostrophe. */
    private const BETWEEN = "[ \u{00A0}\u{2009}\u{202F}'’]";

    private const POINT = '/^\d+(?:\.\d+)?$|^\.\d+$|^\d{1,3}(?:(?:,\d{3})+|(?:'.self::BETWEEN.'\d{3})+)(?:\.\d+)?$/u';

    private const COMMA = '/^\d+(?:,\d+)?$|^,\d+$|^\d{1,3}(?:(?:\.\d{3})+|(?:'.self::BETWEEN.'\d{3})+)(?:,\d+)?$/u';

    private const POWER = '/^\d+(?:\.\d+)?[eE][+-]?\d{1,3}$/';

    /** @throws UnreadableValue */
    public static function plain(string $cell, bool $comma): string
    {
        [$sign, $digits] = self::signed($cell);
        if (! $comma && Pattern::match(self::POWER, $digits)) {
            return $sign.$digits;
        }
        if (! Pattern::match($comma ? self::COMMA : self::POINT, $digits)) {
            // What is no number under the other sign either is told by the field's type.
            if (Pattern::match($comma ? self::POINT : self::COMMA, $digits)) {
                throw new UnreadableValue("“{$cell}” is not a number as in ".($comma ? '1.234,50.' : '1,234.50.'));
            }

            return trim($cell);
        }
        $bare = Pattern::replace('/[^\d.,]/u', '', $digits);
        $bare = $comma ? strtr($bare, ['.' => '', ',' => '.']) : str_replace(',', '', $bare);

        return $sign.($bare[0] === '.' ? "0$bare" : $bare);
    }

    /** Whether a cell is a number under this sign. */
    public static function fits(string $cell, bool $comma): bool
    {
        $digits = self::signed($cell)[1];

        return Pattern::match($comma ? self::COMMA : self::POINT, $digits) || (! $comma && Pattern::match(self::POWER, $digits));
    }

    /** @return array{string, string} a minus sign or nothing, and the rest; a minus may also stand behind, or be parentheses */
    private static function signed(string $cell): array
    {
        $text = str_replace('−', '-', trim($cell));

        return match (true) {
            $text === '' => ['', ''],
            $text[0] === '-' => ['-', ltrim(substr($text, 1))],
            $text[0] === '+' => ['', ltrim(substr($text, 1))],
            str_ends_with($text, '-') => ['-', rtrim(substr($text, 0, -1))],
            $text[0] === '(' && str_ends_with($text, ')') => ['-', substr($text, 1, -1)],
            default => ['', $text],
        };
    }
}
