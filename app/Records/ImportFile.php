<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Import;
use Lanai\Core\Data\Exchange\CsvSheet;
use Lanai\Core\Data\Exchange\JsonSheet;
use Lanai\Core\Data\Exchange\Sheet;
use Lanai\Core\Data\Exchange\UnreadableFile;

/** A file of an import, read as what it is. */
final class ImportFile
{
    private const JSON_AT_MOST = 30 * 1024 * 1024;

    /** @return 'csv'|'json'|'sqlite' by its first bytes */
    public static function kindOf(string $path): string
    {
        $start = (string) file_get_contents($path, false, null, 0, 512);

        return match (true) {
            str_starts_with($start, "SQLite format 3\0") => 'sqlite',
            preg_match('/^(\xEF\xBB\xBF)?\s*[\[{]/', $start) === 1 => 'json',
            default => 'csv',
        };
    }

    /** @throws UnreadableFile */
    public static function sheet(Import $import): Sheet
    {
        return match ($import->kind) {
            'sqlite' => DatabaseSheet::of($import->path(), $import->sheet === '' ? DatabaseSheet::tables($import->path())[0] : $import->sheet),
            'json' => self::json($import->path()),
            default => CsvSheet::of(fn () => fopen($import->path(), 'rb') ?: throw new UnreadableFile('This file is no longer there.')),
        };
    }

    /** @return list<string> the tables of an SQLite file; [] for others */
    public static function sheets(Import $import): array
    {
        return $import->kind === 'sqlite' ? DatabaseSheet::tables($import->path()) : [];
    }

    private static function json(string $path): JsonSheet
    {
        if (filesize($path) > self::JSON_AT_MOST) {
            throw new UnreadableFile('JSON is read as a whole, and this file is larger than 30 MB. Please use CSV or SQLite for so many rows.');
        }

        return JsonSheet::of(ltrim((string) file_get_contents($path), "\xEF\xBB\xBF"));
    }
}
