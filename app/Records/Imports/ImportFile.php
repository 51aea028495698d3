<?php

declare(strict_types=1);

namespace App\Records\Imports;

use App\Models\Import;
use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\JsonSheet;
use Lanai\Core\Exchange\Sheet;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Text\Pattern;

/** A file of an import, read as what it is. */
final class ImportFile
{
    /**
     * @return 'csv'|'json'|'sqlite'|'xlsx'|'ods' by its first bytes
     *
     * @throws UnreadableFile
     */
    public static function kindOf(string $path): string
    {
        $start = (string) file_get_contents($path, false, null, 0, 512);
        if (str_starts_with($start, "\xD0\xCF\x11\xE0")) {
            throw new UnreadableFile(
                'This is a spreadsheet of an older kind, or one that is protected by a password. Please save it as .xlsx, .ods or CSV, without a password.',
            );
        }
        if (str_starts_with($start, "PK\x03\x04")) {
            $zip = ZippedSheets::open($path);

            return match (true) {
                $zip->has('xl/workbook.xml') => 'xlsx',
                $zip->has('content.xml') => 'ods',
                default => throw new UnreadableFile('This archive is no spreadsheet. Please choose the file in it that has the rows.'),
            };
        }

        return match (true) {
            str_starts_with($start, "SQLite format 3\0") => 'sqlite',
            Pattern::match('/^(\xEF\xBB\xBF)?\s*[\[{]/', $start) => 'json',
            default => 'csv',
        };
    }

    /** @throws UnreadableFile */
    public static function sheet(Import $import): Sheet
    {
        $path = $import->path();
        $opens = function () use ($path) {
            if (! is_file($path)) {
                throw new UnreadableFile('This file is no longer there.');
            }

            return fopen($path, 'rb') ?: throw new UnreadableFile('This file cannot be opened.');
        };
        fclose($opens());
        $sheets = $import->sheet === '' ? self::sheets($import) : [$import->sheet];

        return match ($import->kind) {
            'sqlite' => DatabaseSheet::of($path, $sheets[0]),
            'xlsx' => XlsxSheet::of($path, $sheets[0], $import->header),
            'ods' => OdsSheet::of($path, $sheets[0], $import->header),
            'json' => JsonSheet::of($opens),
            default => CsvSheet::of($opens, null, $import->header),
        };
    }

    /**
     * @return list<string> the tables or sheets of a file that can have several; [] for others
     *
     * @throws UnreadableFile
     */
    public static function sheets(Import $import): array
    {
        return match ($import->kind) {
            'sqlite' => DatabaseSheet::tables($import->path()),
            'xlsx' => XlsxSheet::names($import->path()),
            'ods' => OdsSheet::names($import->path()),
            default => [],
        };
    }
}
