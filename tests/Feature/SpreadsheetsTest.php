<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Records\Imports\OdsSheet;
use App\Records\Imports\XlsxSheet;
use Illuminate\Http\UploadedFile;
use Lanai\Core\Exchange\UnreadableFile;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use ZipArchive;

/** Spreadsheets, written by another library (npm xlsx) and by hand. */
final class SpreadsheetsTest extends TestCase
{
    private const ROWS = [
        ['Name', 'Water', 'Open', 'Since', 'Note'],
        ['Kelp Point', 12.5, true, ['d' => '2026-12-24T00:00:00Z'], "two\nlines"],
        ['Zoë & <Sons>', -3, false, ['d' => '1999-01-31T00:00:00Z'], '  spaces '],
        [null, null, null, null, null],
        ['=1+1', 0.1, null, null, '007'],
    ];

    public function test_what_another_library_writes_is_read(): void
    {
        $this->write(['First' => self::ROWS, 'Second one' => [['x', 'y'], [1, 2]]]);
        $expected = [
            2 => ['Kelp Point', '12.5', 'yes', '2026-12-24', "two\nlines"],
            3 => ['Zoë & <Sons>', '-3', 'no', '1999-01-31', '  spaces '],
            5 => ['=1+1', '0.1', '', '', '007'],
        ];
        foreach (['xlsx' => XlsxSheet::class, 'ods' => OdsSheet::class] as $kind => $class) {
            $path = $this->folder()."/book.$kind";
            self::assertSame(['First', 'Second one'], $class::names($path));
            $sheet = $class::of($path, 'First');
            self::assertSame(self::ROWS[0], $sheet->columns());
            self::assertSame($expected, iterator_to_array($sheet->rows()), $kind);
            self::assertSame([2 => ['1', '2']], iterator_to_array($class::of($path, 'Second one')->rows()));
        }
    }

    public function test_a_spreadsheet_is_brought_in_sheet_by_sheet(): void
    {
        $demo = $this->demo();
        $this->actingAs($this->founderOf($demo));
        $this->write([
            'Notes' => [['What', 'When'], ['nothing', 'here']],
            'Spots' => [
                ['Report', null, null],
                [null, null, null],
                ['Name', 'Water', 'Photo of'],
                ['Far Cove', 11.5, 'x'],
                ['Name', 'Water', 'Photo of'],
                ['Near Cove', 9, 'y'],
            ],
        ]);
        foreach (['xlsx', 'ods'] as $kind) {
            $look = $this->postJson("/api/apps/$demo->id/rows/sandbox/spots/imports", [
                'file' => new UploadedFile($this->folder()."/book.$kind", "book.$kind", null, null, true),
            ])
                ->assertCreated()
                ->assertJsonPath('sheets', ['Notes', 'Spots'])
                ->assertJsonPath('sheet', 'Notes');
            self::assertMeets('studio', (string) $look->getContent(), 'ImportLook');
            $at = "/api/apps/$demo->id/imports/{$look->json('id')}";
            $this->postJson("$at/sheet", ['sheet' => 'Spots'])
                ->assertCreated()
                ->assertJsonPath('header', 3)
                ->assertJsonPath('repeats', 1)
                ->assertJsonPath('to', ['name', 'water', '']);
            $this->postJson("$at/sheet", ['header' => 1])
                ->assertCreated()
                ->assertJsonPath('columns.0.name', 'Report');
            $this->postJson("$at/sheet", ['header' => 3])->assertCreated();
            $this->postJson("$at/run", ['to' => ['name', 'water', ''], 'key' => 'name'])
                ->assertJsonPath('state', 'done')
                ->assertJsonPath($kind === 'xlsx' ? 'report.added' : 'report.changed', 2);
        }
    }

    public function test_cells_as_other_programs_write_them(): void
    {
        $styles =
            '<styleSheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><numFmts count="3"><numFmt numFmtId="164" '
                .'formatCode="[$-407]d/\ mmmm\ yyyy"/><numFmt numFmtId="165" formatCode="0.00&quot; days&quot;"/><numFmt numFmtId="166" '
                    .'formatCode="[h]:mm"/></numFmts><cellXfs count="6"><xf numFmtId="0"/><xf numFmtId="14"/><xf numFmtId="164"/><xf '
                        .'numFmtId="165"/><xf numFmtId="166"/><xf numFmtId="22"/></cellXfs></styleSheet>';
        $cells =
            '<c r="A1" t="inlineStr"><is><t>in</t><t>line</t></is></c><c r="B1" s="1"><v>46380</v></c><c s="2"><v>1</v></c><c r="E1" s="3"><v>'
                .'2.5</v></c><c r="F1" s="4"><v>0.3125</v></c><c r="G1" s="5"><v>46380.3125</v></c><c r="H1" t="e"><v>#N/A</v></c><c r="I1" t="b">'
                    .'<v>1</v></c><c r="J1"><f>1/3</f><v>0.33333333333333331</v></c><c r="K1" t="s"><v>1</v></c><c r="L1"><v>0.10000000000000001</v>'
                        .'</c><c r="M1"/>';
        $shared =
            '<sst xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><si><t>first</t></si><si><r><t>ri</t></r><r><t '
                .'xml:space="preserve">ch </t></r><rPh sb="0" eb="1"><t>unread</t></rPh></si></sst>';
        $path = $this->xlsx("<row r=\"1\">$cells</row>", $styles, $shared);

        // 46380 days after the end of 1899 are 24 December 2026; day 1 is 1 January 1900 (ECMA-376, part 1, 18.17.4.1).
        self::assertSame(
            [1 => ['inline', '2026-12-24', '1900-01-01', '', '2.5', '07:30', '2026-12-24 07:30', '', 'yes', '0.3333333333333333', 'rich ', '0.1']],
            iterator_to_array(XlsxSheet::of($path, 'S', 0)->rows()),
        );
        $from1904 = $this->xlsx('<row r="1"><c r="A1" s="1"><v>44918</v></c></row>', $styles, $shared, '<workbookPr date1904="1"/>');
        self::assertSame([1 => ['2026-12-24']], iterator_to_array(XlsxSheet::of($from1904, 'S', 0)->rows()));
    }

    public function test_damaged_and_hostile_spreadsheets_get_a_sentence(): void
    {
        $demo = $this->demo();
        $this->actingAs($this->founderOf($demo));
        $this->write(['First' => self::ROWS]);
        $good = (string) file_get_contents($this->folder().'/book.xlsx');
        $bomb = '<row r="1"><c r="A1" t="inlineStr"><is><t>'.str_repeat('x', 2_000_000).'</t></is></c></row>';
        $files = [
            'cut' => [substr($good, 0, (int) (strlen($good) / 2)), 'This spreadsheet cannot be opened; it may be damaged.'],
            'xls' => [
                (string) file_get_contents($this->folder().'/book.xls'),
                'This is a spreadsheet of an older kind, or one that is protected by a password. Please save it as .xlsx, .ods or CSV, without a password.',
            ],
            'zip' => [$this->zip(['a.txt' => 'hello']), 'This archive is no spreadsheet. Please choose the file in it that has the rows.'],
            'broken' => [
                (string) file_get_contents($this->xlsx('<row r="1"><c r="A1"><v>1</v></row></oops>')),
                'This spreadsheet cannot be read to its end; it may be damaged.',
            ],
            'entities' => [
                (string) file_get_contents(
                    $this->xlsx('<row r="1"><c r="A1" t="str"><v>&e;</v></c></row>', before: '<!DOCTYPE x [<!ENTITY e SYSTEM "file:///etc/passwd">]>'),
                ),
                'This spreadsheet cannot be read: it has parts of another document in it.',
            ],
            'text' => [
                (string) file_get_contents($this->xlsx('<row r="1"><c r="A1" t="s"><v>7</v></c></row>')),
                'This spreadsheet cannot be read: a text of it is missing.',
            ],
            'wide' => [(string) file_get_contents($this->xlsx('<row r="1"><c r="ZZZ1"><v>7</v></c></row>')), 'This sheet has more columns than 500.'],
            'deep' => [(string) file_get_contents($this->xlsx('<row r="99999999"><c r="A1"><v>7</v></c></row>')), 'This sheet has more rows than 1,048,576.'],
            'empty' => [(string) file_get_contents($this->xlsx('')), 'There are no rows in this file.'],
        ];
        foreach ($files as $name => [$bytes, $sentence]) {
            $answer = $this->postJson("/api/apps/$demo->id/rows/sandbox/spots/imports", [
                'file' => UploadedFile::fake()->createWithContent("$name.xlsx", $bytes),
            ]);
            self::assertSame([422, $sentence], [$answer->status(), $answer->json('message')], $name);
        }
        self::assertSame([], glob($demo->folder('imports').'/*'));
        self::assertCount(1, iterator_to_array(XlsxSheet::of($this->xlsx($bomb), 'S', 0)->rows()));
    }

    /** One row that stands for a million others is not a million rows. */
    public function test_rows_that_stand_for_many_are_bounded(): void
    {
        $content =
            '<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" '
                .'xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0">'
                    .'<office:body><office:spreadsheet><table:table table:name="S">'.
            '<table:table-row table:number-rows-repeated="3"><table:table-cell office:value-type="string"><text:p>a<text:s text:c="2"/>b</text:p>'
                .'</table:table-cell><table:table-cell table:number-columns-repeated="2" office:value-type="float" office:value="2">'
                    .'<office:annotation><text:p>not this</text:p></office:annotation><text:p>2</text:p></table:table-cell><table:table-cell '
                        .'table:number-columns-repeated="16000"/></table:table-row>'.
            '<table:table-row table:number-rows-repeated="1048570"><table:table-cell table:number-columns-repeated="16000"/></table:table-row>'
                .'</table:table></office:spreadsheet></office:body></office:document-content>';
        $path = $this->folder().'/alike.ods';
        file_put_contents($path, $this->zip(['content.xml' => $content]));

        self::assertSame([1 => ['a  b', '2', '2'], 2 => ['a  b', '2', '2'], 3 => ['a  b', '2', '2']], iterator_to_array(OdsSheet::of($path, 'S', 0)->rows()));
        $this->expectExceptionObject(new UnreadableFile('This spreadsheet is protected by a password. Please save it without one.'));
        file_put_contents($path, $this->zip(['content.xml' => 'xx', 'META-INF/manifest.xml' => '<m><encryption-data/></m>']));
        OdsSheet::names($path);
    }

    /** @param  array<string, list<list<mixed>>>  $sheets */
    private function write(array $sheets): void
    {
        (new Process(['node', __DIR__.'/../Support/write-sheets.mjs', $this->folder()], base_path(), input: (string) json_encode($sheets)))->mustRun();
    }

    private function xlsx(string $rows, string $styles = '', string $shared = '', string $about = '', string $before = ''): string
    {
        static $n = 0;
        $path = $this->folder().'/by-hand-'.++$n.'.xlsx';
        $main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
        file_put_contents(
            $path,
            $this->zip(
                array_filter([
                    'xl/workbook.xml' => "<workbook xmlns=\"$main\" "
                        ."xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\">$about<sheets><sheet name=\"S\" "
                            .'sheetId="1" r:id="rId1"/></sheets></workbook>',
                    'xl/_rels/workbook.xml.rels' => '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
                        .'<Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>',
                    'xl/worksheets/sheet1.xml' => "<?xml version=\"1.0\"?>$before<worksheet xmlns=\"$main\"><sheetData>$rows</sheetData></worksheet>",
                    'xl/styles.xml' => $styles,
                    'xl/sharedStrings.xml' => $shared,
                ]),
            ),
        );

        return $path;
    }

    /** @param  array<string, string>  $parts */
    private function zip(array $parts): string
    {
        $path = $this->folder().'/zip-'.bin2hex(random_bytes(4));
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::CREATE);
        foreach ($parts as $name => $bytes) {
            $zip->addFromString($name, $bytes);
        }
        $zip->close();

        return (string) file_get_contents($path);
    }
}
