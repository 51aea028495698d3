<?php

declare(strict_types=1);

namespace App\Records\Imports;

use Lanai\Core\Exchange\CellSheet;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Text\Pattern;
use XMLReader;

/** Rows of a table in an OpenDocument spreadsheet (OASIS OpenDocument 1.3, part 3). */
final class OdsSheet
{
    /** Where one cell or row stands for many that are alike, so many of them count; empty ones at the end are never more. */
    private const ALIKE = 10_000;

    /**
     * @return list<string> the names of the tables
     *
     * @throws UnreadableFile
     */
    public static function names(string $path): array
    {
        $names = [];
        self::zip($path)->through('content.xml', function (XMLReader $x) use (&$names): void {
            if ($x->nodeType === XMLReader::ELEMENT && $x->name === 'table:table') {
                $names[] = (string) $x->getAttribute('table:name');
            }
        });

        return $names === [] ? throw new UnreadableFile('There are no sheets in this file.') : $names;
    }

    /**
     * @param  int|null  $header  the number of the row that names the columns, 0 for none; null to find it
     *
     * @throws UnreadableFile
     */
    public static function of(string $path, string $name, ?int $header = null): CellSheet
    {
        $zip = self::zip($path);

        return CellSheet::of(fn (): iterable => self::rows($zip, $name), $header);
    }

    private static function zip(string $path): ZippedSheets
    {
        $zip = ZippedSheets::open($path);
        if ($zip->has('META-INF/manifest.xml')) {
            $zip->through('META-INF/manifest.xml', function (XMLReader $x): void {
                if ($x->localName === 'encryption-data') {
                    throw new UnreadableFile('This spreadsheet is protected by a password. Please save it without one.');
                }
            });
        }

        return $zip;
    }

    /** @return iterable<int, list<string>> */
    private static function rows(ZippedSheets $zip, string $name): iterable
    {
        $reader = $zip->xml('content.xml');
        try {
            $within = false;
            $found = false;
            $number = 0;
            while (ZippedSheets::read($reader)) {
                if ($reader->name === 'table:table') {
                    if ($within) {
                        break;
                    }
                    $within = $reader->nodeType === XMLReader::ELEMENT && $reader->getAttribute('table:name') === $name;
                    $found = $found || $within;
                }
                if (! $within || $reader->nodeType !== XMLReader::ELEMENT || $reader->name !== 'table:table-row') {
                    continue;
                }
                $times = max(1, (int) ($reader->getAttribute('table:number-rows-repeated') ?? 1));
                $cells = $reader->isEmptyElement ? [] : self::row($reader);
                if ($cells === []) {
                    $number += $times;

                    continue;
                }
                for ($i = 0; $i < min($times, self::ALIKE); $i++) {
                    if (++$number > ZippedSheets::ROWS) {
                        throw new UnreadableFile('This sheet has more rows than '.number_format(ZippedSheets::ROWS).'.');
                    }
                    yield $number => $cells;
                }
            }
            if (! $found) {
                throw new UnreadableFile("There is no sheet “{$name}” in this file.");
            }
        } finally {
            $reader->close();
        }
    }

    /** @return list<string> up to its last cell with something in it */
    private static function row(XMLReader $reader): array
    {
        $cells = [];
        $empty = 0;
        while (ZippedSheets::read($reader) && ! ($reader->nodeType === XMLReader::END_ELEMENT && $reader->name === 'table:table-row')) {
            if ($reader->nodeType !== XMLReader::ELEMENT || ! in_array($reader->name, ['table:table-cell', 'table:covered-table-cell'], true)) {
                continue;
            }
            $times = max(1, (int) ($reader->getAttribute('table:number-columns-repeated') ?? 1));
            $value = self::cell($reader);
            if ($value === '') {
                $empty += $times;

                continue;
            }
            if (count($cells) + $empty + $times > ZippedSheets::COLUMNS) {
                throw new UnreadableFile('This sheet has more columns than '.ZippedSheets::COLUMNS.'.');
            }
            array_push($cells, ...array_fill(0, $empty, ''), ...array_fill(0, $times, $value));
            $empty = 0;
        }

        return $cells;
    }

    private static function cell(XMLReader $reader): string
    {
        $type = (string) $reader->getAttribute('office:value-type');
        $value = (string) $reader->getAttribute('office:value');
        $date = (string) $reader->getAttribute('office:date-value');
        $time = (string) $reader->getAttribute('office:time-value');
        $yes = $reader->getAttribute('office:boolean-value');
        $text = $reader->isEmptyElement ? '' : self::text($reader);

        return match ($type) {
            'float', 'percentage', 'currency' => match (true) {
                is_numeric($value) && Pattern::match('/^-?\d{1,15}$/', $value) => $value,
                is_numeric($value) => (string) json_encode((float) $value),
                default => $value,
            },
            'boolean' => $yes === 'true' ? 'yes' : 'no',
            'date' => ZippedSheets::moment($date),
            'time' => Pattern::match('/^PT(\d+)H(\d+)M(\d+)/', $time, $t)
                ? sprintf('%02d:%02d', (int) $t[1], (int) $t[2]).((int) $t[3] > 0 ? sprintf(':%02d', (int) $t[3]) : '')
                : $time,
            default => $text,
        };
    }

    /** The paragraphs of a cell, without notes beside it. */
    private static function text(XMLReader $reader): string
    {
        $name = $reader->name;
        $paragraphs = [];
        $notes = 0;
        while (ZippedSheets::read($reader) && ! ($reader->nodeType === XMLReader::END_ELEMENT && $reader->name === $name)) {
            $begins = $reader->nodeType === XMLReader::ELEMENT;
            if ($reader->name === 'office:annotation' && ! $reader->isEmptyElement) {
                $notes += $begins ? 1 : -1;
            }
            if ($notes === 0 && $begins && $reader->name === 'text:p') {
                $paragraphs[] = '';
            } elseif ($notes === 0 && $paragraphs !== []) {
                $paragraphs[count($paragraphs) - 1] .= match (true) {
                    in_array($reader->nodeType, [XMLReader::TEXT, XMLReader::SIGNIFICANT_WHITESPACE, XMLReader::CDATA], true) => $reader->value,
                    $begins && $reader->name === 'text:s' => str_repeat(' ', min(1000, max(1, (int) ($reader->getAttribute('text:c') ?? 1)))),
                    $begins && $reader->name === 'text:tab' => "\t",
                    $begins && $reader->name === 'text:line-break' => "\n",
                    default => '',
                };
            }
        }

        return implode("\n", $paragraphs);
    }
}
