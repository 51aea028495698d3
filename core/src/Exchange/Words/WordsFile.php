<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Words;

use Closure;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Text\Pattern;

/** The formats in which translators get the texts of an app and give them back. */
enum WordsFile: string
{
    case Xliff = 'xliff';
    case Po = 'po';
    case Csv = 'csv';

    /** In bytes. */
    public const LARGEST = 5 * 1024 * 1024;

    /** Texts in a file. */
    public const MOST = 20_000;

    /** What files of this format end with. */
    public function ending(): string
    {
        return $this === self::Xliff ? 'xlf' : $this->value;
    }

    public function mime(): string
    {
        return match ($this) {
            self::Xliff => 'application/xliff+xml',
            self::Po => 'text/x-gettext-translation',
            self::Csv => 'text/csv',
        };
    }

    /**
     * @param  list<WordEntry>  $entries
     * @param  string  $from  the tag of the app's own language
     * @param  string  $to  that of the other
     */
    public function written(array $entries, string $from, string $to): string
    {
        return match ($this) {
            self::Xliff => XliffWords::written($entries, $from, $to),
            self::Po => PoWords::written($entries, $to),
            self::Csv => CsvWords::written($entries, $to),
        };
    }

    /**
     * @param  Closure(): resource  $opens  gives the file anew, at its beginning
     * @return array{tongue: string, entries: list<WordEntry>} the language that it names, '' for none
     *
     * @throws UnreadableFile
     */
    public static function read(Closure $opens): array
    {
        $stream = $opens();
        $bytes = (string) stream_get_contents($stream, self::LARGEST + 1);
        fclose($stream);
        if (strlen($bytes) > self::LARGEST) {
            throw new UnreadableFile('This file is too large: '.number_format(self::LARGEST / 1024 / 1024).' MB at the most.');
        }
        $text = str_starts_with($bytes, "\u{FEFF}") ? substr($bytes, 3) : $bytes;
        $read = match (true) {
            trim($text) === '' => throw new UnreadableFile('There is nothing in this file.'),
            str_starts_with(ltrim($text), '<') => XliffWords::read($text),
            Pattern::match('/^\s*(?:#|msgid |msgctxt )/', $text) && Pattern::match('/^msgid "/m', $text) => PoWords::read($text),
            default => CsvWords::read($opens),
        };

        $most = number_format(self::MOST);

        return count($read['entries']) <= self::MOST ? $read : throw new UnreadableFile("There are more than $most texts in this file.");
    }
}
