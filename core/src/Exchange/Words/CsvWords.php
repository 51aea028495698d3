<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Words;

use Closure;
use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\CsvWriter;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Text\Tongues;

/** Rows of a spreadsheet: the text, what it says in the other language, and what helps to translate it. */
final readonly class CsvWords
{
    private const TEXT = 'Text';

    private const ON = 'Only on';

    /** @param  list<WordEntry>  $entries */
    public static function written(array $entries, string $to): string
    {
        // By the mark at the beginning spreadsheets know that it is UTF-8.
        $file = "\u{FEFF}".CsvWriter::record([self::TEXT, Tongues::NAMES[$to] ?? $to, self::ON, 'Where it stands', 'Values', 'Before it said']);
        foreach ($entries as $entry) {
            $values = array_map(fn (int $n, string $value): string => "{{$n}} $value", array_keys($entry->values), $entry->values);
            $file .= CsvWriter::record([$entry->source, $entry->says, $entry->on, implode(', ', $entry->places), implode(', ', $values), $entry->was]);
        }

        return $file;
    }

    /**
     * @param  Closure(): resource  $opens  gives the file anew, at its beginning
     * @return array{tongue: string, entries: list<WordEntry>}
     *
     * @throws UnreadableFile
     */
    public static function read(Closure $opens): array
    {
        $sheet = CsvSheet::of($opens, header: 1);
        $columns = $sheet->columns();
        $text = array_search(self::TEXT, $columns, true);
        $tongue = array_key_first(array_intersect($columns, Tongues::NAMES));
        if (! is_int($text) || $tongue === null) {
            throw new UnreadableFile('The first row names the columns: one is called “Text”, and one by the language, such as “German”.');
        }
        $on = array_search(self::ON, $columns, true);
        $entries = [];
        foreach ($sheet->rows() as $row) {
            $cell = fn (int|string|false $n): string => $n === false ? '' : CsvWriter::read($row[$n] ?? '');
            if ($cell($text) !== '') {
                $entries[] = new WordEntry($cell($text), $cell($tongue), $cell($on));
            }
        }

        return ['tongue' => (string) array_search($columns[$tongue], Tongues::NAMES, true), 'entries' => $entries];
    }
}
