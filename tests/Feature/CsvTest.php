<?php

declare(strict_types=1);

namespace Tests\Feature;

use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\CsvWriter;
use Lanai\Core\Exchange\TypeGuess;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class CsvTest extends TestCase
{
    /** @return iterable<string, array{string, list<list<string>>}> the rules of RFC 4180, section 2, by their numbers */
    public static function rules(): iterable
    {
        yield '1: lines end in CRLF' => ["aaa,bbb\r\nzzz,yyy\r\n", [['aaa', 'bbb'], ['zzz', 'yyy']]];
        yield '2: the last line may lack its end' => ["aaa,bbb\r\nzzz,yyy", [['aaa', 'bbb'], ['zzz', 'yyy']]];
        yield '4: spaces belong to a field' => ['aaa, b b ,c', [['aaa', ' b b ', 'c']]];
        yield '5: fields may stand in quotes' => ["\"aaa\",\"b\",c\r\nz,y,x", [['aaa', 'b', 'c'], ['z', 'y', 'x']]];
        yield '6: quoted fields hold breaks, quotes and commas' => ["\"a\r\nb\",\"x,y\"\r\nz,y", [["a\r\nb", 'x,y'], ['z', 'y']]];
        yield '7: a quote in a field is doubled' => ['"a""b",c', [['a"b', 'c']]];
        yield 'no backslash escapes' => ['"a\\",b', [['a\\', 'b']]];
    }

    /** @param  list<list<string>>  $records */
    #[\PHPUnit\Framework\Attributes\DataProvider('rules')]
    public function test_files_are_read_by_the_rules_of_rfc_4180(string $csv, array $records): void
    {
        self::assertSame($records, $this->records($csv, ','));
    }

    /** Hostile files, made at random from the pieces that break parsers: papaparse and Lanai read the same, but for the apostrophe before a formula. */
    public function test_hostile_files_are_read_as_papaparse_reads_them(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $cell = fn (): string => implode(
            '',
            array_map(
                fn (): string => ['a', ' ', '""', ',', ';', "\n", "\r\n", 'é', '水', '=1+1', "\t", '\\', "'"][$random->getInt(0, 12)],
                range(1, $random->getInt(1, 5)),
            ),
        );
        for ($i = 0; $i < 60; $i++) {
            $delimiter = [',', ';', "\t"][$i % 3];
            $columns = $random->getInt(2, 4);
            $lines = [];
            for ($n = $random->getInt(1, 8); $n > 0; $n--) {
                $cells = [];
                for ($c = 0; $c < $columns; $c++) {
                    $text = $cell();
                    $bare = preg_match('/["\r\n,;\t]/', $text) === 0 && $random->getInt(0, 1) === 1;
                    $cells[] = $bare ? $text : '"'.$text.'"';
                }
                $lines[] = implode($delimiter, $cells);
            }
            $csv = implode(["\n", "\r\n"][$i % 2], $lines);
            $path = $this->folder()."/hostile-$i.csv";
            file_put_contents($path, $csv);
            $files[] = [$path, $delimiter, $csv];
        }
        foreach (array_chunk($files, 10) as $some) {
            $running = array_map(function (array $file): Process {
                $process = new Process(['node', __DIR__.'/../Support/parse-csv.mjs', $file[0], $file[1]], base_path());
                $process->start();

                return $process;
            }, $some);
            foreach ($running as $i => $process) {
                $process->wait();
                $read = array_map(fn (array $record): array => array_map(CsvWriter::read(...), $record), json_decode($process->getOutput(), true));
                self::assertSame($read, $this->records($some[$i][2], $some[$i][1]), $some[$i][2]);
            }
        }
    }

    #[TestWith(["name;water\nCove;12\nBay;13\n", ';', 'UTF-8', true])]
    #[TestWith(["name\twater\nCove\t12\n", "\t", 'UTF-8', true])]
    #[TestWith(["a|b\n1|2\n", '|', 'UTF-8', true])]
    #[TestWith(["1,2\n3,4\n", ',', 'UTF-8', false])]
    #[TestWith(["\xEF\xBB\xBFname,n\nZo\xC3\xAB,1\n", ',', 'UTF-8', true])]
    #[TestWith(["name,n\nZo\xEB,1\n", ',', 'WINDOWS-1252', true])]
    #[TestWith(["\xFF\xFEn\0a\0m\0e\0,\0n\0\n\0Z\0o\0\xEB\0,\0001\0\n\0", ',', 'UTF-16LE', true])]
    public function test_delimiter_encoding_and_header_are_found_by_looking(string $csv, string $delimiter, string $encoding, bool $header): void
    {
        $sheet = CsvSheet::of($this->opens($csv));

        self::assertSame([$delimiter, $encoding, $header], [$sheet->delimiter, $sheet->encoding, $sheet->header() === 1]);
        if (str_contains($csv, 'Z')) {
            self::assertSame('Zoë', array_values(iterator_to_array($sheet->rows()))[0][0]);
        }
    }

    /** Characters of UTF-16 that stand across the pieces in which a stream is read stay whole, surrogate pairs too (RFC 2781). */
    public function test_long_files_in_utf_16_are_read_whole(): void
    {
        $lines = implode('', array_map(fn (int $i): string => str_repeat('🌊水é', ($i % 7) + 1).",$i\n", range(1, 3000)));
        foreach (['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"] as $encoding => $mark) {
            $sheet = CsvSheet::of($this->opens($mark.mb_convert_encoding("wave,n\n$lines", $encoding, 'UTF-8')));
            $read = implode('', array_map(fn (array $r): string => "$r[0],$r[1]\n", iterator_to_array($sheet->rows(), false)));

            self::assertSame(['wave', 'n'], $sheet->columns());
            self::assertSame($lines, $read, $encoding);
        }
    }

    #[TestWith([['1', '-20', '007'], 'is a text'])]
    #[TestWith([['1', '-20', ''], 'is a whole number'])]
    #[TestWith([['1', '2.5'], 'is a decimal'])]
    #[TestWith([['2026-12-24', '2028-02-29'], 'is a date'])]
    #[TestWith([['2026-12-24', '2027-02-29'], 'is a text'])]
    #[TestWith([['2026-12-24T07:30:00Z', '2026-12-24 07:30'], 'is a date and time'])]
    #[TestWith([['yes', 'No', 'TRUE'], 'is yes or no'])]
    #[TestWith([['a@example.org'], 'is an e-mail address'])]
    #[TestWith([['https://example.org'], 'is a web address'])]
    #[TestWith([['+44 20 7946 0000'], 'is a phone number'])]
    #[TestWith([['50.1, -5.2'], 'is a place'])]
    #[TestWith([['red', 'blue', 'red', 'red', 'blue', 'red', 'red', 'blue', 'red', 'red', 'blue', 'red'], 'is one of "red", "blue"'])]
    #[TestWith([["two\nlines"], 'is a long text'])]
    #[TestWith([['', ' '], 'is a text'])]
    public function test_types_are_found_by_looking(array $values, string $type): void
    {
        self::assertSame($type, TypeGuess::of($values));
    }

    public function test_short_and_long_lines_are_evened_and_blank_lines_are_no_rows(): void
    {
        $sheet = CsvSheet::of($this->opens("a;b\n1\n\n1;2;;\n;\n;;\n ; \n"), ';');

        self::assertSame([2 => ['1', ''], 4 => ['1', '2']], iterator_to_array($sheet->rows()));
        self::assertSame(['a', 'b'], $sheet->columns());
    }

    public function test_what_is_written_is_read_again(): void
    {
        $records = [['a', 'b,c', 'd "e"', "f\ng", ' h ', '', "i\rj"], ['Zoë', '水', '-', ';', "\t", '0', "'"]];

        self::assertSame($records, $this->records(implode('', array_map(CsvWriter::record(...), $records)), ','));
        self::assertStringContainsString("\r\n", CsvWriter::record(['a']));
    }

    /** @return list<list<string>> */
    private function records(string $csv, string $delimiter): array
    {
        return array_values(iterator_to_array(CsvSheet::of($this->opens($csv), $delimiter, 0)->rows()));
    }

    private function opens(string $csv): \Closure
    {
        return function () use ($csv) {
            $stream = fopen('php://temp', 'w+b');
            fwrite($stream, $csv);
            rewind($stream);

            return $stream;
        };
    }
}
