<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PDO;
use Tests\TestCase;

final class ImportsTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->actingAs($this->founderOf($this->demo));
    }

    public function test_a_file_is_looked_at_then_previewed_then_brought_in(): void
    {
        $csv =
            "title;spot;starts;places;Level\r\nHarbour mile;Gannet Slip;2027-01-05 08:00;4;hard\r\n"
                ."\"Slow; and steady\";the old lido;2027-01-06 09:00;9;easy\r\n";
        $look = $this->look('swims', $csv)
            ->assertCreated()
            ->assertJsonPath('to', ['title', 'spot', 'starts', 'places', ''])
            ->assertJsonPath('columns.4.field', 'Level is a text')
            ->assertJsonPath('total', 2);
        self::assertMeets('studio', (string) $look->getContent(), 'ImportLook');
        $plan = ['to' => $look->json('to'), 'key' => ''];
        $preview = $this->postJson($this->at($look, 'preview'), $plan)
            ->assertOk()
            ->assertJsonPath('added', 2)
            ->assertJsonPath('bad', 0)
            ->assertJsonPath('shown.1.cells.0', 'Slow; and steady');
        self::assertMeets('studio', (string) $preview->getContent(), 'ImportReport');
        $this->getJson($this->rows('swims/anchors'))->assertJsonPath('count', 11);

        $state = $this->postJson($this->at($look, 'run'), $plan + ['base' => 1, 'new' => [4 => 'Level is a text'], 'names' => [4 => 'Level']])
            ->assertAccepted()
            ->assertJsonPath('state', 'done')
            ->assertJsonPath('report.added', 2);
        self::assertMeets('studio', (string) $state->getContent(), 'ImportState');
        $this->getJson($this->rows('swims?search=steady'))->assertJsonPath('rows.0.values.level', 'easy')->assertJsonPath('labels.spot.4', 'The Old Lido');
        self::assertSame([], glob($this->demo->folder('imports').'/*'));
    }

    public function test_each_bad_cell_is_named_and_one_lets_nothing_in_unless_the_right_ones_are_wanted(): void
    {
        $csv =
            "Title,Spot,Starts,Places\nFine,Kelp Point,2027-01-05 08:00,4\nToo many,Kelp Point,2027-01-05 08:00,400\n"
                ."Nowhere,Atlantis,2027-01-05 08:00,1\n,Kelp Point,soon,1\n";
        $look = $this->look('swims', $csv);
        $plan = ['to' => $look->json('to')];
        $this->postJson($this->at($look, 'preview'), $plan)
            ->assertJsonPath('bad', 3)
            ->assertJsonPath('mistakes', [
                ['row' => 3, 'field' => 'places', 'sentence' => 'This must be at most 40.'],
                ['row' => 4, 'field' => 'spot', 'sentence' => 'No Spot is called “Atlantis”.'],
                ['row' => 5, 'field' => 'title', 'sentence' => 'Please fill this in.'],
                ['row' => 5, 'field' => 'starts', 'sentence' => '“soon” is not a date and time. Write it as 2026-12-24 07:30.'],
            ]);
        $this->postJson($this->at($look, 'run'), $plan)
            ->assertJsonPath('state', 'failed')
            ->assertJsonPath('trouble', '3 rows have mistakes, so nothing was brought in.');
        $this->getJson($this->rows('swims/anchors'))->assertJsonPath('count', 11);

        $look = $this->look('swims', $csv);
        $this->postJson($this->at($look, 'run'), $plan + ['onlyRight' => true])
            ->assertJsonPath('state', 'done')
            ->assertJsonPath('report.added', 1)
            ->assertJsonPath('report.bad', 3);
        $this->getJson($this->rows('swims/anchors'))->assertJsonPath('count', 12);
    }

    public function test_an_import_with_a_key_can_be_repeated(): void
    {
        $csv = "Name,Shore\nLantern Cove,South\nReed Bay,West\nReed Bay,North\n";
        foreach ([[1, 2], [0, 3]] as [$added, $changed]) {
            $look = $this->look('spots', $csv);
            $this->postJson($this->at($look, 'run'), ['to' => ['name', 'shore'], 'key' => 'name'])
                ->assertJsonPath('report.added', $added)
                ->assertJsonPath('report.changed', $changed);
        }
        $this->getJson($this->rows('spots/anchors'))->assertJsonPath('count', 7);
        $this->getJson($this->rows('spots?search=reed'))->assertJsonPath('rows.0.values.shore', 'North');
    }

    public function test_only_the_chosen_rows_come_in(): void
    {
        $look = $this->look('spots', "Name\nA\nB\nC\n");
        $this->postJson($this->at($look, 'run'), ['to' => ['name'], 'skip' => [3]])->assertJsonPath('report.added', 2);

        self::assertSame(
            ['A', 'C'],
            array_map(fn (array $r): string => $r['values']['name'], array_slice($this->getJson($this->rows('spots'))->json('rows'), 6)),
        );
    }

    public function test_json_pasted_cells_and_other_databases_are_read_too(): void
    {
        $json = $this->look('spots', '{"spots": [{"name": "J", "water": 12.5, "tags": ["a", "b"]}]}')
            ->assertJsonPath('kind', 'json')
            ->assertJsonPath('to', ['name', 'water', '']);
        $this->postJson($this->at($json, 'run'), ['to' => ['name', 'water', 'note']])->assertJsonPath('state', 'done');
        $this->getJson($this->rows('spots?search=J'))->assertJsonPath('rows.0.values.note', 'a; b')->assertJsonPath('rows.0.values.water', '12.5');

        $pasted = $this->postJson($this->rows('spots/imports'), ['text' => "Name\tWater\nPasted\t9\n"])
            ->assertCreated()
            ->assertJsonPath('to', ['name', 'water']);
        $this->postJson($this->at($pasted, 'run'), ['to' => ['name', 'water']])->assertJsonPath('report.added', 1);

        $path = $this->folder().'/other.sqlite';
        $other = new PDO("sqlite:$path");
        $other->exec("create table coves (name text, depth real); insert into coves values ('From afar', 3.5); create table more (x)");
        $database = $this->postJson($this->rows('spots/imports'), ['file' => new UploadedFile($path, 'other.sqlite', null, null, true)])
            ->assertCreated()
            ->assertJsonPath('sheets', ['coves', 'more'])
            ->assertJsonPath('to', ['name', '']);
        $this->postJson($this->at($database, 'sheet'), ['sheet' => 'more'])
            ->assertCreated()
            ->assertJsonPath('columns.0.name', 'x');
        $this->postJson($this->at($database, 'sheet'), ['sheet' => 'coves'])->assertCreated();
        $this->postJson($this->at($database, 'run'), ['to' => ['name', 'water']])->assertJsonPath('report.added', 1);
    }

    public function test_what_is_no_file_of_rows_is_refused_with_a_sentence(): void
    {
        $this->look('spots', "\0\1\2\3")
            ->assertUnprocessable()
            ->assertJsonPath('message', 'This is not a text file with rows. Please choose a CSV, JSON, spreadsheet or SQLite file.');
        $this->look('spots', '[1, 2]')
            ->assertUnprocessable()
            ->assertJsonPath('message', 'The array must hold objects, each a row, as in [{"name": "Cove"}].');
        $this->look('spots', '[{"a": ')->assertUnprocessable();
        $this->look('spots', "\n\n")->assertUnprocessable()->assertJsonPath('message', 'There are no rows in this file.');
        $this->look('spots', "SQLite format 3\0damaged")
            ->assertUnprocessable()
            ->assertJsonPath('message', 'This SQLite file cannot be read; it may be damaged.');
        self::assertSame([], glob($this->demo->folder('imports').'/*'));
    }

    public function test_a_cancelled_import_leaves_nothing(): void
    {
        $look = $this->look('spots', "Name\nA\n");
        $this->deleteJson("/api/apps/{$this->demo->id}/imports/{$look->json('id')}")->assertJsonPath('state', 'cancelled');
        $this->postJson($this->at($look, 'run'), ['to' => ['name']])->assertNotFound();
    }

    public function test_an_import_tells_its_progress_and_ends_without_a_trace_when_it_is_cancelled(): void
    {
        $look = $this->look('spots', "Name,Water\n".implode('', array_map(fn (int $i): string => "Spot $i,$i.5\n", range(1, 5000))));
        $told = [];
        DB::listen(function (QueryExecuted $query) use (&$told, $look): void {
            if (str_contains($query->sql, 'update "imports" set "done"')) {
                $told[] = $query->bindings[0];
                DB::table('imports')
                    ->where('id', $look->json('id'))
                    ->update(['state' => 'cancelled']);
                usleep(210_000);
            }
        });
        $this->postJson($this->at($look, 'run'), ['to' => ['name', 'water']])
            ->assertAccepted()
            ->assertJsonPath('state', 'cancelled');

        self::assertSame(1000, $told[0]);
        self::assertLessThan(5, count($told));
        $this->getJson($this->rows('spots/anchors'))->assertJsonPath('count', 6);
    }

    public function test_rows_find_their_links_by_number_by_name_and_in_any_case(): void
    {
        $look = $this->look('people', "Name,Favourite spots\nAda,kelp point; 1\nBo,\nCy,Nowhere; 2\n");
        $plan = ['to' => $look->json('to')];
        $this->postJson($this->at($look, 'preview'), $plan)
            ->assertJsonPath('added', 2)
            ->assertJsonPath('mistakes', [['row' => 4, 'field' => 'favouriteSpots', 'sentence' => 'No Spot is called “Nowhere”.']]);
        $this->postJson($this->at($look, 'run'), $plan + ['onlyRight' => true])->assertJsonPath('report.added', 2);
        $this->getJson($this->rows('people?search=ada'))->assertJsonPath('rows.0.values.favouriteSpots', '1, 5');
    }

    public function test_an_import_keeps_the_rules_of_its_table(): void
    {
        $id = $this->postJson('/api/apps', ['name' => 'Codes'])->json('id');
        $this->postJson("/api/apps/$id/edits", [
            'base' => 1,
            'edit' => [
                'do' => 'rewrite',
                'text' => "app Codes\n\ntable Codes, each a Code\n  Text is a text, no two alike\n  Stars is a rating, at first 3\n"
                    ."  Added is when it was added\n",
            ],
        ])->assertOk();
        $look = $this->postJson("/api/apps/$id/rows/sandbox/codes/imports", ['text' => "Text,Stars\na,\nb,5\na,1\nc,9\n"]);
        $this->postJson("/api/apps/$id/imports/{$look->json('id')}/run", ['to' => ['text', 'stars'], 'onlyRight' => true])
            ->assertJsonPath('report.added', 2)
            ->assertJsonPath('report.mistakes', [
                ['row' => 4, 'field' => 'text', 'sentence' => 'There is already a Code with this Text.'],
                ['row' => 5, 'field' => 'stars', 'sentence' => 'A rating goes from 1 to 5.'],
            ]);
        $rows = $this->getJson("/api/apps/$id/rows/sandbox/codes")->json('rows');
        self::assertSame(['3', '5'], array_map(fn (array $r): string => $r['values']['stars'], $rows));
        self::assertNotSame('', $rows[0]['values']['added']);
    }

    public function test_an_import_into_live_makes_no_fields(): void
    {
        $look = $this->postJson("/api/apps/{$this->demo->id}/rows/live/spots/imports", ['text' => "Name,Depth\nA,3\n"])->assertCreated();
        $this->postJson($this->at($look, 'run'), ['to' => ['name', ''], 'new' => [1 => 'Depth is a whole number'], 'names' => [1 => 'Depth']])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'New fields are made in the sandbox first; then go live with them.');
        $this->postJson($this->at($look, 'run'), ['to' => ['', '']])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'Please choose a field for at least one column.');
        $this->postJson($this->at($look, 'run'), ['to' => ['name', '']])
            ->assertAccepted()
            ->assertJsonPath('report.added', 1);
        $this->getJson("/api/apps/{$this->demo->id}/rows/live/spots/anchors")->assertJsonPath('count', 7);
        $this->getJson($this->rows('spots/anchors'))->assertJsonPath('count', 6);
    }

    public function test_an_import_of_somebody_else_is_not_there(): void
    {
        $look = $this->look('spots', "Name\nA\n");
        $this->actingAs($this->stranger())
            ->postJson($this->at($look, 'preview'), ['to' => ['name']])
            ->assertNotFound();
    }

    public function test_files_are_read_as_the_world_writes_them_and_the_reading_can_be_chosen(): void
    {
        $look = $this->look('swims', "Title;Starts;Places;Price\nA;05.01.2027 08:00;4;1.250,00\nB;06.01.2027 7:30;9;€ 3,5\n")->assertJsonPath('to', [
            'title',
            'starts',
            'places',
            '',
        ]);
        $plan = ['to' => ['title', 'starts', 'places', ''], 'new' => [3 => 'Price is money in EUR'], 'names' => [3 => 'Price'], 'base' => 1];
        $this->postJson($this->at($look, 'preview'), $plan)
            ->assertJsonPath('bad', 2)
            ->assertJsonPath('readings', [
                [
                    'column' => 1,
                    'taken' => 'day first',
                    'choices' => [
                        ['value' => 'day first', 'words' => 'dates as in 24.12.2026, the day first'],
                        ['value' => 'month first', 'words' => 'dates as in 12/24/2026, the month first'],
                    ],
                ],
            ]);
        $look = $this->look(
            'swims',
            "Title;Spot;Starts;Places;Price\nA;Kelp Point;05.01.2027 08:00;4;1.250,00\nB;Kelp Point;06.01.2027 7:30;9;€ 3,5\n",
        )->assertJsonPath('columns.4.field', 'Price is a text');
        $plan = [
            'to' => ['title', 'spot', 'starts', 'places', ''],
            'new' => [4 => 'Price is money in EUR'],
            'names' => [4 => 'Price'],
            'base' => 1,
            'readings' => [2 => 'month first'],
        ];
        $this->postJson($this->at($look, 'run'), $plan)->assertJsonPath('state', 'done')->assertJsonPath('report.links.spot', 'Name');
        $rows = array_slice($this->getJson($this->rows('swims'))->json('rows'), -2);

        self::assertSame(
            [['2027-05-01 08:00', '1250.00'], ['2027-06-01 07:30', '3.50']],
            array_map(fn (array $r): array => [$r['values']['starts'], $r['values']['price']], $rows),
        );
    }

    public function test_links_are_found_by_any_unique_field_and_never_by_a_guess(): void
    {
        $id = $this->app(
            "table Spots, each a Spot\n  Name is a text\n  Code is a text, no two alike\n\ntable Swims, each a Swim\n  Title is a text\n  Spot is one Spot\n",
        );
        $this->postJson("/api/apps/$id/rows/sandbox/spots", [
            'changes' => [
                ['id' => null, 'values' => ['name' => 'Cove', 'code' => '2']],
                ['id' => null, 'values' => ['name' => 'Cove', 'code' => '1']],
                ['id' => null, 'values' => ['name' => 'Straße', 'code' => 'x-9']],
            ],
        ])->assertOk();
        $bring = fn (string $text, array $to): TestResponse => $this->postJson(
            "/api/apps/$id/imports/{$this->postJson("/api/apps/$id/rows/sandbox/swims/imports", ['text' => $text])->json('id')}/preview",
            ['to' => $to],
        );

        $bring("Title,Spot code\nA,1\nB,X-9\nC,2\n", ['title', 'spot'])
            ->assertJsonPath('added', 3)
            ->assertJsonPath('links.spot', 'Code');
        $bring("Title,Spot\nA,STRASSE\nB,Cove\n", ['title', 'spot'])
            ->assertJsonPath('added', 1)
            ->assertJsonPath('mistakes.0.sentence', 'There are 2 of “Cove”, so it is not clear which Spot is meant. Please write its number.');
        $bring("Title,Spot id\nA,3\nB,4\n", ['title', 'spot'])
            ->assertJsonPath('added', 1)
            ->assertJsonPath('mistakes.0.sentence', 'No Spot is called “4”.');
    }

    public function test_numbers_of_rows_cells_too_many_and_keys_that_are_not_one_are_told(): void
    {
        $id = $this->app("table Spots, each a Spot\n  Name is a text\n  Shore is a text\n");
        $this->postJson("/api/apps/$id/rows/sandbox/spots", [
            'changes' => [['id' => null, 'values' => ['name' => 'Cove']], ['id' => null, 'values' => ['name' => 'Cove']]],
        ])->assertOk();
        $look = $this->postJson("/api/apps/$id/rows/sandbox/spots/imports", ['text' => "No,Name\n2,a\n9,b\n9,c\n0,d\n123456789012345,e\n11,g\n,h\n"]);
        $this->postJson("/api/apps/$id/imports/{$look->json('id')}/run", ['to' => ['#', 'name'], 'onlyRight' => true])
            ->assertJsonPath('report.added', 3)
            ->assertJsonPath('report.mistakes', [
                ['row' => 2, 'field' => '#', 'sentence' => 'There is already a row with the number 2.'],
                ['row' => 4, 'field' => '#', 'sentence' => 'There is already a row with the number 9.'],
                ['row' => 5, 'field' => '#', 'sentence' => '“0” is not the number of a row.'],
                ['row' => 6, 'field' => '#', 'sentence' => '“123456789012345” is not the number of a row.'],
            ]);
        self::assertSame([1, 2, 9, 11, 14], array_column($this->getJson("/api/apps/$id/rows/sandbox/spots")->json('rows'), 'id'));

        $look = $this->postJson("/api/apps/$id/rows/sandbox/spots/imports", [
            'text' => "Name,Shore\nCove,South\nNew,North\n".str_repeat("z,z\n", 40)."y,South,oops\n",
        ]);
        $this->postJson("/api/apps/$id/imports/{$look->json('id')}/preview", ['to' => ['name', 'shore'], 'key' => 'name'])->assertJsonPath('mistakes', [
            ['row' => 2, 'field' => 'name', 'sentence' => 'There are 2 rows with this Name, so it is not clear which one to change.'],
            ['row' => 44, 'field' => 'name', 'sentence' => 'This row has more cells than there are columns, so they do not stand where they belong.'],
        ]);
    }

    public function test_rows_that_come_in_begin_routines_when_that_is_wanted(): void
    {
        $id = $this->app(
            "table Spots, each a Spot\n  Name is a text\n  Seen is yes or no\n\nroutine Greet, when one Spot is added\n  change spot\n    set Seen = true\n",
        );
        foreach ([false, true] as $announced) {
            $look = $this->postJson("/api/apps/$id/rows/sandbox/spots/imports", ['text' => "Name\nA\nB\n"]);
            $this->postJson("/api/apps/$id/imports/{$look->json('id')}/preview", ['to' => ['name']])->assertJsonPath('waited', true);
            $this->postJson("/api/apps/$id/imports/{$look->json('id')}/run", ['to' => ['name'], 'announced' => $announced])->assertJsonPath(
                'report.added',
                2,
            );
        }

        self::assertSame(
            ['', '', 'yes', 'yes'],
            array_map(fn (array $r): string => $r['values']['seen'], $this->getJson("/api/apps/$id/rows/sandbox/spots")->json('rows')),
        );
    }

    /** Export and import into an empty copy give the same rows, in each of the three formats. */
    public function test_what_is_exported_and_imported_again_is_the_same(): void
    {
        $script =
            "app Copy\n\ntable Spots, each a Spot\n  Name is a text\n  Photo is a picture\n\ntable Swims, each a Swim\n  Title is a long text\n"
                ."  Fee is money in JPY\n  Price is money in EUR\n  Starts is a date and time\n  Day is a date\n  At is a time of day\n"
                    ."  Takes is a duration\n  Open is yes or no\n  Level is one of \"easy\", \"hard\"\n  Tags are any of \"sea\", \"a; b\"\n"
                        ."  Lies is a place\n  Water is a decimal\n  Spot is one Spot\n  Others are many Spots\n  Added is when it was added\n"
                            ."  Left = fee * 2\n";
        $id = $this->postJson('/api/apps', ['name' => 'Copy'])->json('id');
        $this->postJson("/api/apps/$id/edits", ['base' => 1, 'edit' => ['do' => 'rewrite', 'text' => str_replace('"a; b"', '"lake"', $script)]])->assertOk();
        $this->postJson("/api/apps/$id/rows/sandbox/spots", [
            'changes' => [['id' => null, 'values' => ['name' => 'A, "quoted"']], ['id' => null, 'values' => ['name' => 'A, "quoted"']]],
        ])->assertOk();
        $row = [
            'title' => "two\nlines, and \"quotes\"",
            'fee' => '1250',
            'price' => '-0.05',
            'starts' => '2026-12-24 07:30:15',
            'day' => '2028-02-29',
            'at' => '23:59',
            'takes' => '1 h 30 min',
            'open' => 'no',
            'level' => 'hard',
            'tags' => 'sea; lake',
            'lies' => '50.5, -5.25',
            'water' => '0.1',
            'spot' => '2',
            'others' => '1, 2',
        ];
        $this->postJson("/api/apps/$id/rows/sandbox/swims", [
            'changes' => [['id' => null, 'values' => $row], ['id' => null, 'values' => ['title' => ' =1+1 ']]],
        ])->assertOk();
        $before = $this->getJson("/api/apps/$id/rows/sandbox/swims")->json('rows');
        self::assertSame($row['title'], $before[0]['values']['title']);
        foreach (['csv', 'json', 'sqlite'] as $as) {
            $export = $this->get("/api/apps/$id/rows/sandbox/swims/export?as=$as")->assertOk();
            $path = $this->folder()."/export.$as";
            file_put_contents($path, $as === 'sqlite' ? (string) $export->getFile()->getContent() : $export->streamedContent());
            $this->postJson("/api/apps/$id/rows/sandbox/swims/remove", ['all' => true])->assertJsonPath('removed', 2);
            $look = $this->postJson("/api/apps/$id/rows/sandbox/swims/imports", ['file' => new UploadedFile($path, "export.$as", null, null, true)])
                ->assertCreated()
                ->assertJsonPath('key', '#');
            $this->postJson("/api/apps/$id/imports/{$look->json('id')}/run", ['to' => $look->json('to'), 'key' => '#'])
                ->assertJsonPath('state', 'done')
                ->assertJsonPath('report.added', 2);

            self::assertEquals($before, $this->getJson("/api/apps/$id/rows/sandbox/swims")->json('rows'), $as);
        }
    }

    private function app(string $script): string
    {
        $id = $this->postJson('/api/apps', ['name' => 'Own'])->json('id');
        $this->postJson("/api/apps/$id/edits", ['base' => 1, 'edit' => ['do' => 'rewrite', 'text' => "app Own\n\n$script"]])->assertOk();

        return (string) $id;
    }

    private function look(string $table, string $bytes): TestResponse
    {
        return $this->postJson($this->rows("$table/imports"), ['file' => UploadedFile::fake()->createWithContent('rows', $bytes)]);
    }

    private function rows(string $of): string
    {
        return "/api/apps/{$this->demo->id}/rows/sandbox/$of";
    }

    private function at(TestResponse $look, string $what): string
    {
        return "/api/apps/{$this->demo->id}/imports/{$look->json('id')}/$what";
    }
}
