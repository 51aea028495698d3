<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Text\Pattern;

/** Records of a CSV file as RFC 4180 has them: CRLF between, quotes where needed. */
final class CsvWriter
{
    /** What a spreadsheet would take for a formula; a plain number is none. */
    private const FORMULA = '/^\'*[=+\-@\t\r]/';

    private const NUMBER = '/^[+-]?\d+([.,]\d+)*$/';

    /**
     * A line of the file. Before what a spreadsheet would take for a formula stands an apostrophe, which reading takes away again.
     *
     * @param  list<string>  $cells
     */
    public static function record(array $cells): string
    {
        return implode(
            ',',
            array_map(
                fn (string $cell): string => self::quoted(Pattern::match(self::FORMULA, $cell) && ! Pattern::match(self::NUMBER, $cell) ? "'$cell" : $cell),
                $cells,
            ),
        )."\r\n";
    }

    /** A cell as it was before it was made harmless. */
    public static function read(string $cell): string
    {
        return ($cell[0] ?? '') === "'" && Pattern::match(self::FORMULA, substr($cell, 1)) ? substr($cell, 1) : $cell;
    }

    private static function quoted(string $cell): string
    {
        return Pattern::match('/[",\r\n]|^\s|\s$/', $cell) ? '"'.str_replace('"', '""', $cell).'"' : $cell;
    }
}
