<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Exchange;

use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\CsvWriter;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A spreadsheet computes nothing that a cell of an exported file says (OWASP, "CSV Injection"; from memory), and reading gives back what was written. */
final class HarmlessCellsTest extends TestCase
{
    #[TestWith(['=1+1'])]
    #[TestWith(['+cmd|calc'])]
    #[TestWith(['-2+3'])]
    #[TestWith(['@SUM(A1)'])]
    #[TestWith(["\t=1"])]
    #[TestWith(["\r=1"])]
    #[TestWith(["'=1"])]
    #[TestWith(["''=1"])]
    #[TestWith(['=HYPERLINK("http://a.example","x")'])]
    public function test_what_would_be_computed_is_made_harmless_and_read_back_as_it_was(string $cell): void
    {
        $line = CsvWriter::record([$cell]);

        self::assertSame("'", ltrim($line, '"')[0]);
        self::assertSame([$cell], $this->read($line));
    }

    #[TestWith(['-5'])]
    #[TestWith(['+4.5'])]
    #[TestWith(['-1,234.50'])]
    #[TestWith(["it's"])]
    #[TestWith(["'quoted'"])]
    #[TestWith(['a=b'])]
    #[TestWith([''])]
    public function test_plain_numbers_and_texts_stay_as_they_are(string $cell): void
    {
        self::assertStringContainsString($cell, CsvWriter::record(['a', $cell]));
        self::assertSame(['a', $cell], $this->read(CsvWriter::record(['a', $cell])));
    }

    public function test_any_cell_is_read_back(): void
    {
        mt_srand(7);
        for ($n = 0; $n < 2000; $n++) {
            $cell = '';
            for ($i = mt_rand(0, 6); $i > 0; $i--) {
                $cell .= ["'", '=', '+', '-', '@', "\t", '"', ',', '1', 'a', ' ', '.'][mt_rand(0, 11)];
            }
            self::assertSame(['x', $cell], $this->read(CsvWriter::record(['x', $cell])));
        }
    }

    /** @return list<string> */
    private function read(string $line): array
    {
        $open = function () use ($line) {
            $stream = fopen('php://memory', 'w+b') ?: throw new \RuntimeException;
            fwrite($stream, "head,line\r\n".$line);
            rewind($stream);

            return $stream;
        };
        $rows = iterator_to_array(CsvSheet::of($open, ',', 1)->rows(), false);

        return array_slice($rows[0] ?? [''], 0, str_contains($line, 'x,') || str_contains($line, 'a,') ? 2 : 1);
    }
}
