<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Closure;
use Lanai\Core\Text\Pattern;

/** Rows of cells as spreadsheets have them: the names of the columns are found by looking at the first rows, or said. */
final class CellSheet implements Sheet
{
    /** So many rows are looked at for the names of the columns. */
    private const LOOKED_AT = 30;

    /** @var list<string> */
    private readonly array $columns;

    /** @var list<string> the cells that name the columns; [] where none do */
    private readonly array $names;

    /** How many rows repeat the names, once the rows were read. */
    public int $repeats = 0;

    /**
     * @param  Closure(): iterable<int, list<string>>  $records  gives the rows anew, by their numbers in the file
     * @param  int  $header  the number of the row that names the columns; 0 for none
     */
    private function __construct(private readonly Closure $records, public readonly int $header)
    {
        $first = $header === 0 ? [] : $this->record($header);
        $width = max(1, count($first), ...array_map(self::width(...), array_values(self::beginning($records()))));
        $this->names = array_map(trim(...), $first);
        $this->columns = self::named(array_pad($first, $width, ''));
    }

    /**
     * @param  Closure(): iterable<int, list<string>>  $records
     * @param  int|null  $header  null to find it
     *
     * @throws UnreadableFile
     */
    public static function of(Closure $records, ?int $header = null): self
    {
        $beginning = self::beginning($records());
        if ($beginning === []) {
            throw new UnreadableFile('There are no rows in this file.');
        }

        return new self($records, $header ?? self::headerOf($beginning));
    }

    public function columns(): array
    {
        return $this->columns;
    }

    public function rows(): iterable
    {
        $width = count($this->columns);
        $this->repeats = 0;
        foreach (($this->records)() as $n => $record) {
            if ($n <= $this->header || self::isBlank($record)) {
                continue;
            }
            if (count($record) < $width) {
                $record = array_pad($record, $width, '');
            } elseif (count($record) > $width) {
                // Cells beyond the columns stay, so that they are not lost without a word.
                $record = array_slice($record, 0, max($width, self::width($record)));
            }
            // Pages put together have the names again and again.
            if (
                $this->names !== [] &&
                trim($record[0]) === $this->names[0] &&
                array_map(trim(...), array_slice($record, 0, count($this->names))) === $this->names
            ) {
                $this->repeats++;

                continue;
            }
            yield $n => $record;
        }
    }

    /**
     * @param  list<string>  $record
     * @return int up to its last cell with something in it
     */
    private static function width(array $record): int
    {
        $width = count($record);
        while ($width > 0 && $record[$width - 1] === '') {
            $width--;
        }

        return $width;
    }

    /** @param  list<string>  $record */
    private static function isBlank(array $record): bool
    {
        foreach ($record as $cell) {
            if ($cell !== '' && trim($cell) !== '') {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> */
    private function record(int $number): array
    {
        foreach (($this->records)() as $n => $record) {
            if ($n === $number) {
                return $record;
            }
            if ($n > $number) {
                break;
            }
        }
        throw new UnreadableFile("There is no row $number in this file.");
    }

    /**
     * @param  iterable<int, list<string>>  $records
     * @return array<int, list<string>> the first rows with something in them
     */
    private static function beginning(iterable $records): array
    {
        $beginning = [];
        foreach ($records as $n => $record) {
            if (! self::isBlank($record)) {
                $beginning[$n] = $record;
            }
            if (count($beginning) >= self::LOOKED_AT || $n > 1000) {
                break;
            }
        }

        return $beginning;
    }

    /**
     * The row of the names: a title above it fills fewer cells than the rows below, and its cells look unlike those below.
     *
     * @param  array<int, list<string>>  $records
     */
    private static function headerOf(array $records): int
    {
        $filled = array_map(fn (array $r): int => count(array_filter($r, fn (string $c): bool => trim($c) !== '')), $records);
        $sorted = array_values($filled);
        sort($sorted);
        $usual = $sorted[intdiv(count($sorted), 2)];
        foreach ($records as $n => $record) {
            if ($usual < $filled[$n] * 2 || $usual < 2) {
                $below = array_filter($records, fn (array $r, int $m): bool => $m > $n && $r !== $record, ARRAY_FILTER_USE_BOTH);

                return self::names($record, array_values($below)) ? $n : 0;
            }
        }

        return 0;
    }

    /**
     * @param  list<string>  $first
     * @param  list<list<string>>  $below
     */
    private static function names(array $first, array $below): bool
    {
        $first = array_map(trim(...), $first);
        $named = array_filter($first, fn (string $c): bool => $c !== '');
        if ($named === [] || Pattern::anyOf('/^[\d.,:+\/-]+$/', $named)) {
            return false;
        }
        foreach (array_keys($named) as $i) {
            $cells = array_values(array_filter(array_map(fn (array $r): string => $r[$i] ?? '', $below), fn (string $c): bool => trim($c) !== ''));
            if ($cells !== [] && TypeGuess::of($cells) !== TypeGuess::of([$first[$i]])) {
                return true;
            }
        }
        // Columns of texts only: names are short, all there, and seldom the same; one row alone is the names of an empty table.
        $different = count(array_unique(array_map(mb_strtolower(...), $named)));

        return count($named) === count($first) && $different * 2 > count($named) && ($below === [] || max(array_map(mb_strlen(...), $named)) <= 30);
    }

    /**
     * @param  list<string>  $names
     * @return list<string> each there and different
     */
    private static function named(array $names): array
    {
        $taken = [];
        foreach ($names as $i => $name) {
            $name = trim($name) === '' ? 'Column '.($i + 1) : trim(Pattern::replace('/\s+/u', ' ', mb_scrub($name)));
            $unique = $name;
            for ($n = 2; isset($taken[mb_strtolower($unique)]); $n++) {
                $unique = "$name $n";
            }
            $taken[mb_strtolower($unique)] = $unique;
        }

        return array_values($taken);
    }
}
