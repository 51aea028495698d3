<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Exchange;

use Closure;
use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\JsonSheet;
use Lanai\Core\Exchange\TypeGuess;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Exchange\Written\Column;
use Lanai\Core\Language\Fits\FamilyFit;
use Lanai\Core\Language\Parser;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\Shape;
use Lanai\Core\Model\UnreadableValue;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Whatever people type and whatever files hold: it is read, or refused with a sentence. */
final class AnyInputTest extends TestCase
{
    private const PIECES = [
        '',
        ' ',
        '0',
        '-1',
        '1.5',
        '1,5',
        '1e9',
        '1e999',
        'NaN',
        'yes',
        'NO',
        '2026-02-30',
        '2026-12-24',
        '2026-12-24T25:00',
        '07:30',
        '7:3',
        '1:30',
        'PT1H',
        '#0B6E5F',
        '#zzz',
        'a@b.example',
        '@',
        '+442079460000',
        '00',
        'https://example.org',
        '//',
        '50.1, -5.2',
        '91,0',
        '水',
        "Zoe\u{0308}",
        "\u{202e}abc",
        "\0",
        "\xff\xfe",
        '<b>',
        '"',
        "'",
        "two\nlines",
        '9999999999999999999',
        'true',
        'null',
        '[]',
        '{}',
        'sand',
        'Sand; rock',
        ';',
        '✓',
        '👩‍👩‍👧',
        '12.50 EUR',
        '-0',
        '+0.0',
    ];

    public function test_any_text_is_a_value_of_a_type_or_is_refused_with_a_sentence(): void
    {
        $read = 0;
        $refused = 0;
        foreach ($this->types() as $kind => $type) {
            foreach ($this->inputs() as $input) {
                try {
                    $value = $type->read($input);
                } catch (UnreadableValue $unreadable) {
                    self::assertMatchesRegularExpression('/\.$/', $unreadable->getMessage(), $kind);
                    $refused++;

                    continue;
                }
                $stored = $type->store($value);
                self::assertEquals($stored, $type->store($type->load($stored)), "$kind: ".json_encode($input));
                self::assertEquals($stored, $type->store($type->read($type->write($type->load($stored)))), "$kind: ".json_encode($input));
                $read++;
            }
        }
        self::assertGreaterThan(400, $read);
        self::assertGreaterThan(2000, $refused);
    }

    public function test_what_is_no_text_is_a_value_or_is_refused_too(): void
    {
        foreach ($this->types() as $kind => $type) {
            foreach ([null, true, false, [], [1, 'x'], ['a' => ['b']], 5, 1.5, new \stdClass()] as $input) {
                try {
                    self::assertNotSame('never', $type->store($type->read($input)));
                } catch (UnreadableValue $unreadable) {
                    self::assertNotSame('', $unreadable->getMessage(), $kind);
                }
            }
        }
    }

    public function test_any_bytes_are_rows_or_no_file_of_rows(): void
    {
        $random = new Randomizer(new Mt19937(21));
        $rows = 0;
        for ($i = 0; $i < 400; $i++) {
            $bytes = '';
            for ($n = $random->getInt(0, 25); $n > 0; $n--) {
                $bytes .=
                    $random->getInt(0, 9) === 0
                        ? $random->getBytes($random->getInt(1, 4))
                        : self::PIECES[$random->getInt(0, count(self::PIECES) - 1)].[',', ';', "\n", "\t", '"'][$random->getInt(0, 4)];
            }
            try {
                $sheet = CsvSheet::of($this->opens($bytes));
            } catch (UnreadableFile $unreadable) {
                self::assertNotSame('', $unreadable->getMessage());

                continue;
            }
            self::assertSame(
                count($sheet->columns()),
                count(array_unique(array_map(mb_strtolower(...), $sheet->columns()))),
                'Every column has a name of its own.',
            );
            foreach ($sheet->rows() as $cells) {
                self::assertCount(count($sheet->columns()), $cells);
                $rows++;
            }
        }
        self::assertGreaterThan(400, $rows);
    }

    public function test_any_json_is_rows_or_no_file_of_rows(): void
    {
        $good = JsonSheet::of($this->opens('{"total": 2, "items": [{"a": 1, "b": null}, {"a": true, "c": {"d": [1]}}]}'));
        self::assertSame(['a', 'b', 'c'], $good->columns());
        self::assertSame([1 => ['1', '', ''], 2 => ['yes', '', '{"d":[1]}']], iterator_to_array($good->rows()));
        self::assertSame([1 => ['0.1']], iterator_to_array(JsonSheet::of($this->opens('{"a": 0.1}'))->rows()), 'One object is one row.');
        foreach (['', 'nul', '5', '"x"', '[5]', '[]', '[{]', '{"a": }', str_repeat('[', 100)] as $bad) {
            try {
                iterator_to_array(JsonSheet::of($this->opens($bad))->rows());
                self::fail("It was read: $bad");
            } catch (UnreadableFile $unreadable) {
                self::assertMatchesRegularExpression('/[.\]]$/', $unreadable->getMessage());
            }
        }
    }

    /** A type that is found by looking reads what was looked at, and stands in a sentence as it is. */
    public function test_a_guessed_type_reads_all_that_was_looked_at(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $fit = new FamilyFit(FieldTypes::family());
        for ($i = 0; $i < 500; $i++) {
            $pool = array_filter(self::PIECES, fn (string $p): bool => mb_check_encoding($p, 'UTF-8') && ! str_contains($p, "\0"));
            $values = array_map(fn (): string => array_values($pool)[$random->getInt(0, count($pool) - 1)], range(1, $random->getInt(1, 3)));
            $sentence = TypeGuess::of($values);
            $data = Parser::blank($sentence, $fit);
            self::assertIsArray($data, $sentence);
            $type = Shape::make(FieldType::class, $data);
            $column = new Column();
            array_map($column->see(...), $values);
            foreach ($values as $value) {
                $plain = trim($value) === '' ? '' : $column->facts()->reading($type)->plain(trim($value), $type);
                self::assertEquals(trim($value) === '', $type->read($plain) === null, "$sentence: $value");
            }
        }
    }

    /** @return iterable<string, FieldType> */
    private function types(): iterable
    {
        foreach (array_keys(FieldTypes::family()->kinds) as $kind) {
            if ($kind !== 'formula') {
                yield $kind => Shape::make(FieldType::class, ['kind' => $kind] + (str_starts_with($kind, 'choice') ? ['options' => ['Sand', 'Rock']] : []));
            }
        }
    }

    /** @return list<string> */
    private function inputs(): array
    {
        $random = new Randomizer(new Mt19937(4));
        $inputs = self::PIECES;
        for ($i = 0; $i < 100; $i++) {
            $inputs[] = self::PIECES[$random->getInt(0, count(self::PIECES) - 1)].self::PIECES[$random->getInt(0, count(self::PIECES) - 1)];
        }

        return $inputs;
    }

    /** @return Closure(): resource */
    private function opens(string $bytes): Closure
    {
        return function () use ($bytes) {
            $stream = fopen('php://temp', 'w+b') ?: self::fail('No memory.');
            fwrite($stream, $bytes);
            rewind($stream);

            return $stream;
        };
    }
}
