<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Exchange;

use Closure;
use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\JsonSheet;
use Lanai\Core\Exchange\TypeGuess;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Exchange\Written\Column;
use Lanai\Core\Exchange\Written\ColumnFacts;
use Lanai\Core\Exchange\Written\Reading;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\UnreadableValue;
use NumberFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Files as the world writes them. */
final class WrittenTest extends TestCase
{
    /** @param  list<string>  $cells  @param  list<string>  $values  as the type writes them; "!" for what is refused */
    #[DataProvider('columns')]
    public function test_the_reading_is_found_by_looking_at_the_whole_column(string $tag, array $cells, array $values, string $reading): void
    {
        $type = $this->type($tag);
        $column = new Column();
        array_map($column->see(...), $cells);
        $found = $column->facts()->reading($type);

        self::assertSame($reading, $found->value);
        self::assertSame($values, array_map(fn (string $cell): string => $this->read($found, $cell, $type), $cells));
    }

    /** @return iterable<string, array{string, list<string>, list<string>, string}> */
    public static function columns(): iterable
    {
        yield 'decimals with a comma' => [
            'decimal',
            ['12,50', '1.234,50', '-3', '1 234,5', "1'000,25"],
            ['12.5', '1234.5', '-3', '1234.5', '1000.25'],
            'comma',
        ];
        yield 'decimals with a point' => [
            'decimal',
            ['12.50', '1,234.50', '(3)', '1 000.5', '7-', '1e3'],
            ['12.5', '1234.5', '-3', '1000.5', '-7', '1000'],
            'point',
        ];
        yield 'one of them is written otherwise' => ['decimal', ['1.234,50', '2,75', '1.5'], ['1234.5', '2.75', '!'], 'comma'];
        yield 'groups of a whole number' => ['whole', ['1.234', '12.000.000', '7'], ['1234', '12000000', '7'], 'comma'];
        yield 'what cannot be told has a point' => ['decimal', ['1.234', '2.500'], ['1.234', '2.5'], 'point'];
        yield 'money' => ['money EUR', ['€ 7.25', '1,200 EUR', '-€3.10', '7.2', '$ 5', '7.255'], ['7.25', '1200.00', '-3.10', '7.20', '!', '!'], 'point'];
        yield 'money with a comma' => ['money EUR', ['7,25 €', '1.200,00 €', 'EUR 3'], ['7.25', '1200.00', '3.00'], 'comma'];
        yield 'crowns' => ['money SEK', ['1 250 kr', '3 kr'], ['1250.00', '3.00'], 'point'];
        yield 'yen' => ['money JPY', ['¥1,250', '３'], ['1250', '!'], 'point'];
        yield 'days first' => [
            'date',
            ['24.12.2026', '1.2.26', '2026-03-04', '3. Mai 2027', '30.2.2026'],
            ['2026-12-24', '2026-02-01', '2026-03-04', '2027-05-03', '!'],
            'day first',
        ];
        yield 'months first' => [
            'date',
            ['12/24/2026', '1/2/2026', 'Dec 24, 2026', '1/2/69'],
            ['2026-12-24', '2026-01-02', '2026-12-24', '1969-01-02'],
            'month first',
        ];
        yield 'moments' => [
            'moment',
            ['24.12.2026 07:30', '24.12.2026', '2026-12-24T07:30:00+01:00', '1.2.2026, 7:30 pm'],
            ['2026-12-24 07:30', '2026-12-24 00:00', '2026-12-24 06:30', '2026-02-01 19:30'],
            'day first',
        ];
        yield 'moments of another place' => ['moment', ['12/24/2026 7:30 AM', '1/2/2026 12:05 am'], ['2026-12-24 07:30', '2026-01-02 00:05'], 'month first'];
        yield 'times' => [
            'time',
            ['7:30', '07.30', '7:30 pm', '12 am', '7h30', '19 h', '25:00', '7'],
            ['07:30', '07:30', '19:30', '00:00', '07:30', '19:00', '!', '!'],
            '',
        ];
        yield 'yes and no' => ['yesNo', ['ja', 'NEIN', 'oui', 'non', 'true', '0', 'perhaps'], ['yes', 'no', 'yes', 'no', 'yes', 'no', '!'], ''];
        yield 'marks' => ['yesNo', ['x', '', 'X', ''], ['yes', 'no', 'yes', 'no'], 'marks'];
        yield 'texts stay as they are' => ['text', ['1.234,50', 'ja', '24.12.2026'], ['1.234,50', 'ja', '24.12.2026'], ''];
    }

    /** Numbers and amounts that ICU writes for many countries are read as what they are. Source: ICU's number formats (CLDR). */
    public function test_numbers_of_many_countries_come_back(): void
    {
        $random = new Randomizer(new Mt19937(5));
        foreach (['en-US', 'de-DE', 'fr-FR', 'it-CH', 'sv-SE', 'es-ES', 'pt-BR', 'pl-PL', 'nl-NL'] as $locale) {
            foreach (['decimal' => NumberFormatter::DECIMAL, 'money EUR' => NumberFormatter::CURRENCY] as $tag => $style) {
                $format = new NumberFormatter($locale, $style);
                $numbers = [1234567.25, ...array_map(fn (): float => $random->getInt(-99_999_999, 99_999_999) / 100, range(1, 60))];
                $cells = array_map(
                    fn (float $n): string => (string) ($tag === 'decimal' ? $format->format($n) : $format->formatCurrency($n, 'EUR')),
                    $numbers,
                );
                $column = new Column();
                array_map($column->see(...), $cells);
                $type = $this->type($tag);
                $read = array_map(fn (string $cell): string => $this->read($column->facts()->reading($type), $cell, $type), $cells);

                self::assertSame(
                    array_map(fn (float $n): string => $type->write($type->read((string) $n)), $numbers),
                    $read,
                    "$locale: ".implode(' ', array_slice($cells, 0, 3)),
                );
            }
        }
    }

    /** @param  list<string>  $cells */
    #[DataProvider('guesses')]
    public function test_types_are_found_however_they_are_written(array $cells, string $type): void
    {
        self::assertSame($type, TypeGuess::of($cells));
    }

    /** @return iterable<array{list<string>, string}> */
    public static function guesses(): iterable
    {
        yield [['12,50', '1.234,50'], 'is a decimal'];
        yield [['€ 7.25', '€ 1,200.00'], 'is money in EUR'];
        yield [['7,25 zł', '3 zł'], 'is money in PLN'];
        yield [['24.12.2026', '1.2.2026'], 'is a date'];
        yield [['12/24/2026', '1/2/2026'], 'is a date'];
        yield [['24.12.2026 7:30', '1.2.2026'], 'is a date and time'];
        yield [['ja', 'nein'], 'is yes or no'];
        yield [['x', '', 'x'], 'is yes or no'];
        yield [['x', 'x'], 'is a text'];
        yield [['1', '0', '1'], 'is a whole number'];
        yield [['1.234.567', '2.000'], 'is a whole number'];
        yield [['kr 5', '$ 5'], 'is a text'];
        yield [['1.2.3', '4.5.6'], 'is a text'];
    }

    public function test_a_column_that_cannot_be_told_follows_the_others_of_its_file(): void
    {
        $column = new Column();
        $column->see('1.234');

        $facts = ColumnFacts::of($column->facts()->data());
        self::assertEquals($column->facts(), $facts);
        self::assertSame(Reading::Comma, $facts->reading($this->type('decimal'), true));
        self::assertSame(Reading::Point, $facts->reading($this->type('decimal'), false));
        self::assertNull($facts->comma);
        self::assertSame([Reading::Point, Reading::Comma], $facts->choices($this->type('decimal')));
        self::assertSame([], $facts->choices($this->type('text')));
    }

    /** @param  array<int, list<string>>  $rows */
    #[DataProvider('sheets')]
    public function test_the_names_are_found_where_they_stand(string $csv, int $header, array $names, array $rows): void
    {
        $sheet = CsvSheet::of(self::opens($csv));

        self::assertSame([$header, $names, $rows], [$sheet->header(), $sheet->columns(), iterator_to_array($sheet->rows())]);
    }

    /** @return iterable<string, array{string, int, list<string>, array<int, list<string>>}> */
    public static function sheets(): iterable
    {
        yield 'a title above' => [
            "Report of 2026;;\n;;\nName;Price;Price\nA;1;2\n;;\nB;3;4\n",
            3,
            ['Name', 'Price', 'Price 2'],
            [4 => ['A', '1', '2'], 6 => ['B', '3', '4']],
        ];
        yield 'repeated on each page' => ["Name,Price\nA,1\nName,Price\nB,2\n", 1, ['Name', 'Price'], [2 => ['A', '1'], 4 => ['B', '2']]];
        yield 'the same name twice, texts below' => [
            "Name,Note,Note\nAda,a,b\nBo,c,d\n",
            1,
            ['Name', 'Note', 'Note 2'],
            [2 => ['Ada', 'a', 'b'], 3 => ['Bo', 'c', 'd']],
        ];
        yield 'cells beyond the names' => ["a,b\n1,2\n1,2,3\n", 1, ['a', 'b', 'Column 3'], [2 => ['1', '2', ''], 3 => ['1', '2', '3']]];
        yield 'no names' => ["1,2\n3,4\n", 0, ['Column 1', 'Column 2'], [1 => ['1', '2'], 2 => ['3', '4']]];
        yield 'lines that end as on old machines' => ["a,b\r1,\"x\ry\"\r", 1, ['a', 'b'], [2 => ['1', "x\ny"]]];
        yield 'an inch sign within a cell' => ["Part,Count\n5\" nail,3\nbolt,4\n", 1, ['Part', 'Count'], [2 => ['5" nail', '3'], 3 => ['bolt', '4']]];
    }

    public function test_cells_far_below_that_no_column_has_are_kept_to_be_refused(): void
    {
        $rows = iterator_to_array(CsvSheet::of(self::opens("a,b\n".str_repeat("1,2\n", 40)."1,2,3\n"))->rows());

        self::assertSame(['1', '2', '3'], $rows[42]);
    }

    /** @param  list<list<string>>  $rows */
    #[DataProvider('documents')]
    public function test_json_is_read_entry_by_entry(string $json, array $columns, array $rows): void
    {
        $sheet = JsonSheet::of(self::opens($json));

        self::assertSame([$columns, $rows], [$sheet->columns(), iterator_to_array($sheet->rows(), false)]);
    }

    /** @return iterable<string, array{string, list<string>, list<list<string>>}> */
    public static function documents(): iterable
    {
        yield 'lines' => ["{\"a\": 1}\n{\"b\": [\"x\", \"y\"]}\n", ['a', 'b'], [['1', ''], ['', 'x; y']]];
        yield 'lines without line ends, with lists inside' => ['{"tags": [1, 2]}{"tags": []}', ['tags'], [['1; 2'], ['']]];
        yield 'a list deep in an object' => [
            "\xEF\xBB\xBF {\"note\": \"[ {\\\"\", \"none\": [ ], \"rows\": [ {\"a\": \"]}\"} , {\"a\": \"\\\\\"} ], \"more\": {\"x\": [3]}}",
            ['a'],
            [[']}'], ['\\']],
        ];
        yield 'numbers too large for PHP' => ['[{"n": 12345678901234567890, "t": true}]', ['n', 't'], [['12345678901234567890', 'yes']]];
        yield 'long texts across pieces' => ['[{"a": "'.str_repeat('é水', 100000).'"}]', ['a'], [[str_repeat('é水', 100000)]]];
    }

    #[DataProvider('damaged')]
    public function test_damaged_json_gets_a_sentence(string $json, string $sentence): void
    {
        $this->expectExceptionObject(new UnreadableFile($sentence));
        iterator_to_array(JsonSheet::of(self::opens($json))->rows());
    }

    /** @return iterable<array{string, string}> */
    public static function damaged(): iterable
    {
        yield ['[{"a": 1}, {"a": ', 'This JSON ends in the middle; the file may be damaged.'];
        yield ['[{"a": 1} {"a": 2}]', 'This JSON cannot be read: a “]” is missing before “{"a": 2}]”.'];
        yield ['[{"a": 1}, {a: 2}]', 'Entry 2 of this JSON cannot be read: syntax error.'];
        yield ['[{"a": 1}] x', 'This JSON cannot be read: something stands behind its end.'];
        yield ['[{"a": "'.str_repeat('x', 3_000_000).'"}]', 'An entry of this JSON is longer than 2 MB.'];
        yield ['[{"a": '.str_repeat('[', 100).str_repeat(']', 100).'}]', 'Entry 1 of this JSON cannot be read: maximum stack depth exceeded.'];
        yield [
            '['.implode(',', array_map(fn (int $i): string => "{\"n$i\": 1}", range(1, 501))).']',
            'The objects in this file have more than 500 different names.',
        ];
    }

    /** 400,000 rows of 15 MB once took 128 MB and the process with it. */
    public function test_a_large_file_takes_little_memory(): void
    {
        $path = tempnam(sys_get_temp_dir(), 'lanai');
        $file = fopen($path, 'wb');
        fwrite($file, '{"meta": {"of": "rows"}, "rows": [');
        for ($i = 0; $i < 200_000; $i++) {
            fwrite($file, ($i === 0 ? '' : ',')."{\"n\": $i, \"name\": \"Row $i\"}");
        }
        fwrite($file, ']}');
        fclose($file);
        gc_collect_cycles();
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $rows = 0;
        foreach (JsonSheet::of(fn () => fopen($path, 'rb'))->rows() as $cells) {
            $rows += $cells[0] === (string) $rows ? 1 : 0;
        }
        unlink($path);

        self::assertSame(200_000, $rows);
        self::assertLessThan(4_000_000, memory_get_peak_usage() - $before);
    }

    private function read(Reading $reading, string $cell, FieldType $type): string
    {
        try {
            return $type->write($type->read($reading->plain($cell, $type)));
        } catch (UnreadableValue) {
            return '!';
        }
    }

    private function type(string $tag): FieldType
    {
        return FieldTypes::tagged($tag) ?? self::fail("No type $tag");
    }

    /** @return Closure(): resource */
    private static function opens(string $text): Closure
    {
        return function () use ($text) {
            $stream = fopen('php://temp', 'w+b');
            fwrite($stream, $text);
            rewind($stream);

            return $stream;
        };
    }
}
