<?php

declare(strict_types=1);

namespace Lanai\Core\Data\Exchange;

use Closure;
use SplTempFileObject;

/**
 * Rows of a CSV file (RFC 4180), or of cells pasted from a spreadsheet. Delimiter, encoding and header are found by looking
 * at its beginning; the file is read as it is needed and never as a whole.
 */
final class CsvSheet implements Sheet
{
    private const LOOKED_AT = 65536;

    private const DELIMITERS = [',', ';', "\t", '|'];

    /** @var list<string> */
    private array $columns;

    /** @param  Closure(): resource  $opens  gives the file anew, at its beginning */
    private function __construct(private readonly Closure $opens, public readonly string $encoding, public readonly string $delimiter, public readonly bool $header, private readonly int $begins)
    {
        $first = $this->records(1)[0] ?? throw new UnreadableFile('There are no rows in this file.');
        $this->columns = self::named($header ? $first : array_fill(0, count($first), ''));
    }

    /**
     * @param  Closure(): resource  $opens  gives the file anew, at its beginning
     *
     * @throws UnreadableFile
     */
    public static function of(Closure $opens, ?string $delimiter = null, ?bool $header = null): self
    {
        $stream = $opens();
        $start = (string) stream_get_contents($stream, self::LOOKED_AT);
        fclose($stream);
        if (trim($start, "\0\r\n\t ") === '') {
            throw new UnreadableFile('There are no rows in this file.');
        }
        [$encoding, $begins] = self::encodingOf($start);
        $text = $encoding === 'UTF-8' ? substr($start, $begins) : (string) mb_convert_encoding(substr($start, $begins), 'UTF-8', $encoding);
        if (preg_match('/[\x00-\x08\x0E-\x1F]/', substr($text, 0, 4096))) {
            throw new UnreadableFile('This is not a text file with rows. Please choose a CSV, JSON or SQLite file.');
        }
        $delimiter ??= self::delimiterOf($text);
        $records = self::parse($text, $delimiter, 30);

        return new self($opens, $encoding, $delimiter, $header ?? self::hasHeader($records), $begins);
    }

    public function columns(): array
    {
        return $this->columns;
    }

    public function rows(): iterable
    {
        $copy = $this->open();
        $n = 0;
        $width = count($this->columns);
        while (($record = fgetcsv($copy, null, $this->delimiter, '"', '')) !== false) {
            $n++;
            // A blank line is no row.
            if (($n === 1 && $this->header) || $record === [null]) {
                continue;
            }
            if (count($record) !== $width) {
                $record = array_slice(array_pad($record, $width, ''), 0, $width);
            }
            /** @var list<string> $record */
            yield $n => array_map(CsvWriter::read(...), $record);
        }
        fclose($copy);
    }

    /** @return list<list<string>> */
    private function records(int $most): array
    {
        $copy = $this->open();
        $records = [];
        while (count($records) < $most && ($record = fgetcsv($copy, null, $this->delimiter, '"', '')) !== false) {
            $records[] = array_map(strval(...), $record);
        }
        fclose($copy);

        return $records;
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
            preg_match('//u', (string) preg_replace('/[\x80-\xFF]{1,3}$/', '', $start)) === 1 => ['UTF-8', 0],
            default => ['WINDOWS-1252', 0],
        };
    }

    private static function delimiterOf(string $text): string
    {
        $best = [-1, ','];
        foreach (self::DELIMITERS as $delimiter) {
            $widths = array_map(count(...), self::parse($text, $delimiter, 20));
            $alike = $widths === [] ? 0 : count(array_filter($widths, fn (int $w): bool => $w === $widths[0])) / count($widths);
            $score = ($widths[0] ?? 1) > 1 ? $alike * 100 + min(20, $widths[0]) : -1;
            if ($score > $best[0]) {
                $best = [$score, $delimiter];
            }
        }

        return $best[1];
    }

    /** @return list<list<string>> */
    private static function parse(string $text, string $delimiter, int $most): array
    {
        $memory = new SplTempFileObject;
        $memory->fwrite($text);
        $memory->rewind();
        $records = [];
        while (count($records) < $most && ! $memory->eof() && is_array($record = $memory->fgetcsv($delimiter, '"', ''))) {
            if ($record !== [null]) {
                $records[] = array_map(strval(...), $record);
            }
        }

        return $records;
    }

    /**
     * The first row is a header where its cells are all different texts, and a column below looks unlike its own.
     *
     * @param  list<list<string>>  $records
     */
    private static function hasHeader(array $records): bool
    {
        $first = array_map(trim(...), $records[0] ?? []);
        if (in_array('', $first, true) || count(array_unique(array_map(mb_strtolower(...), $first))) < count($first) || array_filter($first, fn (string $c): bool => preg_match('/^[\d.,:+-]+$/', $c) === 1) !== []) {
            return false;
        }
        foreach (array_keys($first) as $i) {
            $below = array_values(array_filter(array_map(fn (array $r): string => $r[$i] ?? '', array_slice($records, 1)), fn (string $c): bool => $c !== ''));
            if ($below !== [] && TypeGuess::of($below) !== TypeGuess::of([$first[$i]])) {
                return true;
            }
        }

        return count($records) === 1 || max([0, ...array_map(mb_strlen(...), $first)]) <= 30;
    }

    /**
     * @param  list<string>  $names
     * @return list<string> each there and different
     */
    private static function named(array $names): array
    {
        $taken = [];
        foreach ($names as $i => $name) {
            $name = trim($name) === '' ? 'Column '.($i + 1) : trim((string) preg_replace('/\s+/u', ' ', $name));
            $unique = $name;
            for ($n = 2; isset($taken[mb_strtolower($unique)]); $n++) {
                $unique = "$name $n";
            }
            $taken[mb_strtolower($unique)] = $unique;
        }

        return array_values($taken);
    }
}
