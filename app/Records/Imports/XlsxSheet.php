<?php

declare(strict_types=1);

namespace App\Records\Imports;

use Lanai\Core\Exchange\CellSheet;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Text\Pattern;
use XMLReader;

/** Rows of a sheet in an Office Open XML workbook (ECMA-376, part 1, SpreadsheetML). Memory does not grow with it. */
final class XlsxSheet
{
    /** Number formats of dates that have no text of their own (ECMA-376, part 1, 18.8.30, and those of East Asia). */
    private const DATES = [14, 15, 16, 17, 22, 27, 28, 29, 30, 31, 36, 50, 51, 52, 53, 54, 55, 56, 57, 58];

    private const TIMES = [18, 19, 20, 21, 32, 33, 34, 35, 45, 46, 47];

    /** Seconds that a day has. */
    private const DAY = 86400;

    /** @var resource|null the shared texts one after the other, in a file where they are many */
    private $texts = null;

    /** Where each of them begins: 8 bytes each. */
    private string $places = '';

    /** @var list<'date'|'time'|''> style => what its numbers are */
    private array $styles = [];

    private bool $from1904 = false;

    private function __construct(private readonly ZippedSheets $zip)
    {
    }

    /**
     * @return list<string> the names of the sheets
     *
     * @throws UnreadableFile
     */
    public static function names(string $path): array
    {
        return array_keys((new self(ZippedSheets::open($path)))->parts());
    }

    /**
     * @param  int|null  $header  the number of the row that names the columns, 0 for none; null to find it
     *
     * @throws UnreadableFile
     */
    public static function of(string $path, string $name, ?int $header = null): CellSheet
    {
        $sheet = new self(ZippedSheets::open($path));
        $part = $sheet->parts()[$name] ?? throw new UnreadableFile("There is no sheet “{$name}” in this file.");
        $sheet->readStyles();
        $sheet->readTexts();

        return CellSheet::of(fn (): iterable => $sheet->rows($part), $header);
    }

    /** @return array<string, string> name => part */
    private function parts(): array
    {
        $targets = [];
        $this->zip->through('xl/_rels/workbook.xml.rels', function (XMLReader $x) use (&$targets): void {
            if ($x->nodeType === XMLReader::ELEMENT && $x->localName === 'Relationship') {
                $target = (string) $x->getAttribute('Target');
                $targets[(string) $x->getAttribute('Id')] = str_starts_with($target, '/') ? substr($target, 1) : "xl/$target";
            }
        });
        $parts = [];
        $this->zip->through('xl/workbook.xml', function (XMLReader $x) use (&$parts, $targets): void {
            if ($x->nodeType !== XMLReader::ELEMENT) {
                return;
            }
            if ($x->localName === 'workbookPr') {
                $this->from1904 = in_array($x->getAttribute('date1904'), ['1', 'true'], true);
            }
            $target =
                $x->localName === 'sheet'
                    ? $targets[
                            (string) ($x->getAttribute('r:id') ??
                                $x->getAttributeNs('id', 'http://schemas.openxmlformats.org/officeDocument/2006/relationships'))
                        ] ?? ''
                    : '';
            if ($target !== '' && $this->zip->has($target)) {
                $parts[(string) $x->getAttribute('name')] = $target;
            }
        });

        return $parts === [] ? throw new UnreadableFile('There are no sheets in this file.') : $parts;
    }

    private function readStyles(): void
    {
        if (! $this->zip->has('xl/styles.xml')) {
            return;
        }
        $formats = [];
        $within = false;
        $this->zip->through('xl/styles.xml', function (XMLReader $x) use (&$formats, &$within): void {
            if ($x->localName === 'cellXfs') {
                $within = $x->nodeType === XMLReader::ELEMENT;
            } elseif ($x->nodeType === XMLReader::ELEMENT && $x->localName === 'numFmt') {
                $formats[(int) $x->getAttribute('numFmtId')] = (string) $x->getAttribute('formatCode');
            } elseif ($within && $x->nodeType === XMLReader::ELEMENT && $x->localName === 'xf') {
                $id = (int) $x->getAttribute('numFmtId');
                $this->styles[] = match (true) {
                    isset($formats[$id]) => self::meaning($formats[$id]),
                    in_array($id, self::DATES, true) => 'date',
                    in_array($id, self::TIMES, true) => 'time',
                    default => '',
                };
            }
        });
    }

    /** @return 'date'|'time'|'' what a number format makes of a number */
    private static function meaning(string $format): string
    {
        $bare = strtolower(Pattern::replace('/"[^"]*"|\\\\.|\[(?!h+\]|m+\]|s+\])[^\]]*\]|_.|\*./i', '', $format));

        return match (true) {
            Pattern::match('/[yd]/', $bare) => 'date',
            Pattern::match('/[hs]/', $bare) => 'time',
            default => '',
        };
    }

    private function readTexts(): void
    {
        if (! $this->zip->has('xl/sharedStrings.xml')) {
            return;
        }
        $file = fopen('php://temp/maxmemory:4194304', 'w+b');
        if ($file === false) {
            throw new UnreadableFile('There is no room to read this spreadsheet.');
        }
        $at = 0;
        $text = '';
        $phonetic = 0;
        $this->zip->through('xl/sharedStrings.xml', function (XMLReader $x) use ($file, &$at, &$text, &$phonetic): void {
            if ($x->localName === 'rPh') {
                $phonetic = $x->nodeType === XMLReader::ELEMENT && ! $x->isEmptyElement ? 1 : 0;
            }
            if (
                ($x->nodeType === XMLReader::TEXT || $x->nodeType === XMLReader::CDATA || $x->nodeType === XMLReader::SIGNIFICANT_WHITESPACE) &&
                $phonetic === 0
            ) {
                $text .= $x->value;
            }
            if ($x->localName === 'si' && ($x->nodeType === XMLReader::END_ELEMENT || $x->isEmptyElement)) {
                $this->places .= pack('P', $at);
                $at += (int) fwrite($file, $text);
                $text = '';
            }
        });
        $this->places .= pack('P', $at);
        $this->texts = $file;
    }

    private function text(int $i): string
    {
        if ($this->texts === null || $i < 0 || strlen($this->places) < 8 * ($i + 2)) {
            throw new UnreadableFile('This spreadsheet cannot be read: a text of it is missing.');
        }
        /** @var array{1: int, 2: int} $ends */
        $ends = unpack('P2', $this->places, 8 * $i);
        fseek($this->texts, $ends[1]);

        return $ends[2] === $ends[1] ? '' : (string) fread($this->texts, $ends[2] - $ends[1]);
    }

    /** @return iterable<int, list<string>> */
    private function rows(string $part): iterable
    {
        $reader = $this->zip->xml($part);
        try {
            $number = 0;
            while (ZippedSheets::read($reader)) {
                if ($reader->nodeType !== XMLReader::ELEMENT || $reader->localName !== 'row') {
                    continue;
                }
                $number = (int) ($reader->getAttribute('r') ?? $number + 1);
                if ($number > ZippedSheets::ROWS) {
                    throw new UnreadableFile('This sheet has more rows than '.number_format(ZippedSheets::ROWS).'.');
                }
                yield $number => $reader->isEmptyElement ? [] : $this->row($reader);
            }
        } finally {
            $reader->close();
        }
    }

    /** @return list<string> */
    private function row(XMLReader $reader): array
    {
        $cells = [];
        $column = -1;
        $type = $value = '';
        $style = 0;
        while (ZippedSheets::read($reader)) {
            $name = $reader->localName;
            if ($reader->nodeType === XMLReader::ELEMENT && $name === 'c') {
                $column = self::column((string) $reader->getAttribute('r'), $column);
                [$type, $style, $value] = [(string) $reader->getAttribute('t'), (int) $reader->getAttribute('s'), ''];
                if ($column >= ZippedSheets::COLUMNS) {
                    throw new UnreadableFile('This sheet has more columns than '.ZippedSheets::COLUMNS.'.');
                }
            } elseif ($reader->nodeType === XMLReader::ELEMENT && ($name === 'v' || $name === 't') && ! $reader->isEmptyElement) {
                $value .= $reader->readString();
            } elseif ($reader->nodeType === XMLReader::END_ELEMENT && $name === 'c') {
                while (count($cells) < $column) {
                    $cells[] = '';
                }
                $cells[] = $this->cell($type, $value, $this->styles[$style] ?? '');
            } elseif ($reader->nodeType === XMLReader::END_ELEMENT && $name === 'row') {
                break;
            }
        }

        return $cells;
    }

    /** "C7" is column 2. Where it is not said, it is the next one. */
    private static function column(string $place, int $before): int
    {
        $letters = strspn($place, 'ABCDEFGHIJKLMNOPQRSTUVWXYZ');
        if ($letters === 0 || $letters > 3) {
            return $before + 1;
        }
        $column = 0;
        for ($i = 0; $i < $letters; $i++) {
            $column = 26 * $column + ord($place[$i]) - 64;
        }

        return max($before + 1, $column - 1);
    }

    /** @param  'date'|'time'|''  $meaning */
    private function cell(string $type, string $value, string $meaning): string
    {
        return match (true) {
            $type === 's' => $value === '' ? '' : $this->text((int) $value),
            $type === 'b' => $value === '1' ? 'yes' : 'no',
            $type === 'e' => '',
            $type === 'd' => ZippedSheets::moment($value),
            $type === 'str' || $type === 'inlineStr' || ! is_numeric($value) => $value,
            $meaning !== '' => $this->moment((float) $value, $meaning),
            // Numbers are written with 17 digits; 0.1 is meant where 0.10000000000000001 stands.
            default => Pattern::match('/^-?\d{1,15}$/', $value) ? $value : (string) json_encode((float) $value),
        };
    }

    /** Days since the end of 1899, with a 29 February 1900 that there was not, or since 1904 (ECMA-376, part 1, 18.17.4.1). */
    private function moment(float $serial, string $meaning): string
    {
        if ($serial < 0 || $serial > 2_958_465.99999) {
            return (string) json_encode($serial);
        }
        $seconds = (int) round($serial * self::DAY);
        $clock = $seconds % self::DAY;
        $time = gmdate($clock % 60 === 0 ? 'H:i' : 'H:i:s', $clock);
        if ($meaning === 'time' && $seconds < self::DAY) {
            return $time;
        }
        $days = intdiv($seconds, self::DAY);
        $epoch = $this->from1904 ? gmmktime(0, 0, 0, 1, 1, 1904) : gmmktime(0, 0, 0, 12, $days < 60 ? 31 : 30, 1899);
        $day = gmdate('Y-m-d', (int) $epoch + $days * self::DAY);

        return $clock === 0 ? $day : "$day $time";
    }
}
