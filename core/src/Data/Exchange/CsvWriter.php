<?php

declare(strict_types=1);

namespace Lanai\Core\Data\Exchange;

/** Records of a CSV file as RFC 4180 has them: CRLF between, quotes where needed. */
final class CsvWriter
{
    /** @param  list<string>  $cells */
    public static function record(array $cells): string
    {
        return implode(',', array_map(fn (string $cell): string => preg_match('/[",\r\n]|^\s|\s$/', $cell) ? '"'.str_replace('"', '""', $cell).'"' : $cell, $cells))."\r\n";
    }
}
