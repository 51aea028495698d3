<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Closure;
use Lanai\Core\Text\Pattern;

/**
 * Rows of a CSV file (RFC 4180), or of cells pasted from a spreadsheet. Delimiter, encoding and header are found by looking
 * at its beginning; the file is read as it is needed and never as a whole.
 */
final class CsvSheet implements Sheet
{
    private const LOOKED_AT = 65536;

    private const DELIMITERS = [',', ';', "\t", '|'];

    /** No row is longer, in bytes: a quotation mark that is never closed would take in the rest of the file. */
    private const LONGEST = 1024 * 1024;

    private CellSheet $cells;

    /**
     * @param  Closure(): resource  $opens  gives the file anew, at its beginning
     * @param  non-empty-string  $delimiter
     */
    private function __construct(
        private readonly Closure $opens,
        public readonly string $encoding,
        public readonly string $delimiter,
        private readonly int $begins,
        private readonly string $end,
    ) {
    }

    /**
     * @param  Closure(): resource  $opens  gives the file anew, at its beginning
     * @param  non-empty-string|null  $delimiter  null to find it
     * @param  int|null  $header  the number of the row that names the columns, 0 for none; null to find it
     *
     * @throws UnreadableFile
     */
    public static function of(Closure $opens, ?string $delimiter = null, ?int $header = null): self
    {
        $stream = $opens();
        $start = (string) stream_get_contents($stream, self::LOOKED_AT);
        fclose($stream);
        if (trim($start, "\0\r\n\t ") === '') {
            throw new UnreadableFile('There are no rows in this file.');
        }
        [$encoding, $begins] = self::encodingOf($start);
        $text = $encoding === 'UTF-8' ? substr($start, $begins) : (string) mb_convert_encoding(substr($start, $begins), 'UTF-8', $encoding);
        if (Pattern::match('/[\x00-\x08\x0E-\x1F]/', substr($text, 0, 4096))) {
            throw new UnreadableFile('This is not a text file with rows. Please choose a CSV, JSON, spreadsheet or SQLite file.');
        }
        $end = ! str_contains($text, "\n") && str_contains($text, "\r") ? "\r" : "\n";
        $sheet = new self($opens, $encoding, $delimiter ?? self::delimiterOf($text, $end), $begins, $end);
        $sheet->cells = CellSheet::of($sheet->records(...), $header);

        return $sheet;
    }

    public function columns(): array
    {
        return $this->cells->columns();
    }

    /** The number of the row that names the columns; 0 where none does. */
    public function header(): int
    {
        return $this->cells->header;
    }

    /** How many rows repeat the names of the columns, once the rows were read. */
    public function repeats(): int
    {
        return $this->cells->repeats;
    }

    public function rows(): iterable
    {
        return $this->cells->rows();
    }

    /** @return iterable<int, list<string>> */
    private function records(): iterable
    {
        $stream = $this->open();
        try {
            yield from self::parse(fn (): ?string => self::line($stream, $this->end), $this->delimiter);
        } finally {
            fclose($stream);
        }
    }

    /**
     * @param  Closure(): ?string  $line  gives the next line with its end; null after the last
     * @param  non-empty-string  $delimiter
     * @return iterable<int, list<string>> by the number of the record, from 1; blank lines count and have no cells
     *
     * @throws UnreadableFile where a record has no end
     */
    private static function parse(Closure $line, string $delimiter): iterable
    {
        for ($n = 1; ($text = self::next($line)) !== null; $n++) {
            if (! str_contains($text, '"')) {
                $text = rtrim($text, "\r\n");
                $record = $text === '' ? [] : explode($delimiter, $text);
                yield $n => str_contains($text, "'") ? array_map(CsvWriter::read(...), $record) : $record;

                continue;
            }
            while (substr_count($text, '"') % 2 === 1 && self::isOpen($text, $delimiter)) {
                $more = self::next($line);
                if ($more === null || strlen($text) + strlen($more) > self::LONGEST) {
                    throw new UnreadableFile("In row $n a quotation mark is opened and never closed.");
                }
                $text .= $more;
            }
            /** @var list<string> $record a line with a quotation mark has cells */
            $record = str_getcsv(rtrim($text, "\r\n"), $delimiter, '"', '');
            yield $n => str_contains($text, "'") ? array_map(CsvWriter::read(...), $record) : $record;
        }
    }

    /**
     * @phpstan-impure
     *
     * @param  Closure(): ?string  $line
     */
    private static function next(Closure $line): ?string
    {
        return $line();
    }

    /** @param  resource  $stream */
    private static function line($stream, string $end): ?string
    {
        $line = $end === "\n" ? fgets($stream, self::LONGEST) : stream_get_line($stream, self::LONGEST, $end);
        if ($line === false) {
            return null;
        }

        return match (true) {
            strlen($line) >= self::LONGEST - 1 => throw new UnreadableFile('A row of this file is longer than 1 MB. Is it a file of rows?'),
            $end === "\n" => $line,
            default => "$line\n",
        };
    }

    /** Whether the line ends within quotes. A quotation mark inside an unquoted cell is a character like others. */
    private static function isOpen(string $line, string $delimiter): bool
    {
        $at = 0;
        $length = strlen($line);
        while ($at < $length) {
            $begins = $at + strspn($line, " \t", $at);
            if (($delimiter !== "\t" && ($line[$begins] ?? '') === '"') || ($line[$at] ?? '') === '"') {
                $at = ($line[$at] ?? '') === '"' ? $at : $begins;
                do {
                    $at = strpos($line, '"', $at + 1);
                    if ($at === false) {
                        return true;
                    }
                    $doubled = ($line[$at + 1] ?? '') === '"';
                    $at += $doubled ? 1 : 0;
                } while ($doubled);
            }
            $next = strpos($line, $delimiter, $at);
            if ($next === false) {
                return false;
            }
            $at = $next + 1;
        }

        return false;
    }

    /** @return resource in UTF-8, after a byte order mark */
    private function open()
    {
        $stream = ($this->opens)();
        if ($this->begins > 0) {
            stream_get_contents($stream, $this->begins);
        }
        if ($this->encoding !== 'UTF-8') {
            ToUtf8::over($stream, $this->encoding);
        }

        return $stream;
    }

    /** @return array{string, int} the encoding, and the length of its byte order mark */
    private static function encodingOf(string $start): array
    {
        return match (true) {
            str_starts_with($start, "\xEF\xBB\xBF") => ['UTF-8', 3],
            str_starts_with($start, "\xFF\xFE") => ['UTF-16LE', 2],
            str_starts_with($start, "\xFE\xFF") => ['UTF-16BE', 2],
            // The last character may be cut off.
            mb_check_encoding(Pattern::replace('/[\x80-\xFF]{1,3}$/', '', $start), 'UTF-8') => ['UTF-8', 0],
            default => ['WINDOWS-1252', 0],
        };
    }

    /**
     * @param  non-empty-string  $end
     * @return non-empty-string
     */
    private static function delimiterOf(string $text, string $end): string
    {
        $best = [-1, ','];
        foreach (self::DELIMITERS as $delimiter) {
            $widths = array_map(count(...), self::beginning($text, $delimiter, $end, 20));
            // What tells is how many of the lines have the same number of cells, where that is more than one.
            $several = array_count_values(array_filter($widths, fn (int $w): bool => $w > 1));
            $score = $several === [] ? -1 : (max($several) / count($widths)) * 100 + min(20, max([0, ...$widths]));
            if ($score > $best[0]) {
                $best = [$score, $delimiter];
            }
        }

        return $best[1];
    }

    /**
     * @param  non-empty-string  $delimiter
     * @param  non-empty-string  $end
     * @return list<list<string>> the first records with something in them
     */
    private static function beginning(string $text, string $delimiter, string $end, int $most): array
    {
        $lines = explode($end, $text);
        $next = function () use (&$lines): ?string {
            return $lines === [] ? null : array_shift($lines)."\n";
        };
        $records = [];
        try {
            foreach (self::parse($next, $delimiter) as $record) {
                if ($record !== []) {
                    $records[] = $record;
                }
                if (count($records) >= $most) {
                    break;
                }
            }
        } catch (UnreadableFile) {
            // The text is cut off where the look ends.
        }

        return $records;
    }
}
