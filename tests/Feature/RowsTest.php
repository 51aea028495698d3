<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

final class RowsTest extends TestCase
{
    private App $demo;

    private string $rows;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->actingAs($this->founderOf($this->demo));
        $this->rows = "/api/apps/{$this->demo->id}/rows/sandbox";
    }

    public function test_rows_are_read_added_changed_and_removed(): void
    {
        $page = $this->getJson("$this->rows/spots?sort=water&way=downward")
            ->assertOk()
            ->assertJsonPath('rows.0.values.name', 'The Old Lido');
        self::assertMeets('studio', (string) $page->getContent(), 'RowPage');
        $id = $this->postJson("$this->rows/spots", ['changes' => [['id' => null, 'values' => ['name' => 'New Quay Steps', 'water' => '11.5']]]])
            ->assertOk()
            ->json('rows.0.id');
        $this->postJson("$this->rows/spots", ['changes' => [['id' => $id, 'values' => ['shore' => 'East']]]])
            ->assertOk()
            ->assertJsonPath('rows.0.values.shore', 'East')
            ->assertJsonPath('rows.0.values.water', '11.5');
        $token = $this->postJson("$this->rows/spots/remove", ['ids' => [$id]])
            ->assertOk()
            ->assertJsonPath('removed', 1)
            ->json('token');
        $this->getJson("$this->rows/spots/$id")->assertNotFound();
        $this->postJson("$this->rows/spots/restore", ['token' => $token])
            ->assertOk()
            ->assertJsonPath('back', 1);
        $this->getJson("$this->rows/spots/$id")
            ->assertOk()
            ->assertJsonPath('row.values.name', 'New Quay Steps');
        $this->postJson("$this->rows/spots/restore", ['token' => $token])->assertNotFound();
    }

    public function test_bad_cells_are_told_one_by_one_and_nothing_is_kept(): void
    {
        $changes = [
            ['id' => 1, 'values' => ['places' => '7']],
            ['id' => null, 'values' => ['title' => '', 'spot' => '77', 'starts' => 'tomorrow', 'places' => '4.5']],
        ];
        $this->postJson("$this->rows/swims", ['changes' => $changes])
            ->assertUnprocessable()
            ->assertJsonPath('cells', [
                ['index' => 1, 'field' => 'title', 'sentence' => 'Please fill this in.'],
                ['index' => 1, 'field' => 'spot', 'sentence' => 'This Spot is no longer there.'],
                ['index' => 1, 'field' => 'starts', 'sentence' => '“tomorrow” is not a date and time. Write it as 2026-12-24 07:30.'],
                ['index' => 1, 'field' => 'places', 'sentence' => '“4.5” is not a whole number.'],
            ]);
        $this->getJson("$this->rows/swims/1")->assertJsonPath('row.values.places', '6');
        $this->getJson("$this->rows/swims/anchors")->assertJsonPath('count', 11);
    }

    public function test_an_entirely_empty_row_is_not_stored(): void
    {
        $id = $this->postJson('/api/apps', ['name' => 'Empty'])->json('id');
        $this->postJson("/api/apps/$id/edits", [
            'base' => 1,
            'edit' => ['do' => 'write', 'list' => '/tables', 'text' => "table Notes, each a Note\n  Text is a text"],
        ])->assertOk();

        $this->postJson("/api/apps/$id/rows/sandbox/notes", ['changes' => [['id' => null, 'values' => ['text' => ' ']]]])
            ->assertUnprocessable()
            ->assertJsonPath('cells.0.sentence', 'Please fill in something first.');
    }

    public function test_the_second_of_two_writers_is_told_what_changed_and_loses_nothing(): void
    {
        $write = fn (string $to, string $was) => $this->postJson("$this->rows/swims", [
            'changes' => [['id' => 1, 'values' => ['places' => $to], 'was' => ['places' => $was]]],
        ]);
        $write('9', '6')->assertOk();
        $answer = $write('3', '6')->assertConflict();

        self::assertStringContainsString('Places was changed to “9” in another window', $answer->json('message'));
        $this->getJson("$this->rows/swims/1")->assertJsonPath('row.values.places', '9');
        $write('9', '6')->assertOk();
        $write('3', '9')->assertOk()->assertJsonPath('rows.0.values.places', '3');
    }

    public function test_removed_rows_come_back_with_the_links_that_led_to_them(): void
    {
        $token = $this->postJson("$this->rows/spots/remove", ['ids' => [1, 3]])
            ->assertJsonPath('removed', 2)
            ->json('token');
        $this->getJson("$this->rows/swims/1")->assertJsonPath('row.values.spot', '');
        $this->postJson("$this->rows/spots/restore", ['token' => $token])->assertJsonPath('back', 2);

        $this->getJson("$this->rows/swims/1")
            ->assertJsonPath('row.values.spot', '1')
            ->assertJsonPath('labels.spot.1', 'Lantern Cove');
    }

    public function test_a_row_shows_what_links_to_it(): void
    {
        $detail = $this->getJson("$this->rows/swims/1")
            ->assertOk()
            ->assertJsonPath('label', 'Dawn dip')
            ->assertJsonPath('linked.0.name', 'Bookings, by Swim')
            ->assertJsonPath('linked.0.count', 2);

        self::assertMeets('studio', (string) $detail->getContent(), 'RowDetail');
    }

    public function test_rows_are_found_by_words_and_by_a_condition(): void
    {
        $this->getJson("$this->rows/swims?search=DIP")->assertJsonCount(2, 'rows');
        $this->getJson("$this->rows/swims?where=".urlencode('spot.name == "Tansy Beach" and places > 8'))->assertJsonCount(2, 'rows');
        $this->getJson("$this->rows/swims?where=".urlencode('count(bookings) >= 3'))
            ->assertJsonCount(1, 'rows')
            ->assertJsonPath('rows.0.values.title', 'Tea and tow floats');
        $this->getJson("$this->rows/swims?where=placs")
            ->assertUnprocessable()
            ->assertJsonPath('errors.where.0', 'There is nothing called “placs” here. Did you mean “places”?');
        $this->getJson("$this->rows/swims?where=title")
            ->assertUnprocessable()
            ->assertJsonPath('errors.where.0', 'A filter must say yes or no of each row, as in places > 3.');
    }

    public function test_pages_begin_where_their_anchors_say(): void
    {
        $file = new DataFile($this->demo, DataSet::Sandbox);
        DB::connection($file->connection)->statement(
            "with recursive n(i) as (select 1 union all select i + 1 from n where i < 900) insert into swims (title, places) select 'Swim ' || i, i % 7 from n",
        );
        $asked = 'sort=places&way=downward&where='.urlencode('title starts with "Swim "');
        $anchors = $this->getJson("$this->rows/swims/anchors?$asked")
            ->assertJsonPath('count', 900)
            ->assertJsonPath('page', 200);
        self::assertMeets('studio', (string) $anchors->getContent(), 'Anchors');
        $whole = DB::connection($file->connection)
            ->table('swims')
            ->where('title', 'like', 'Swim %')
            ->orderByDesc('places')
            ->orderBy('id')
            ->pluck('id')
            ->all();

        foreach ([null, ...$anchors->json('anchors')] as $page => $after) {
            $rows = $this->getJson("$this->rows/swims?$asked".($after === null ? '' : '&after='.urlencode((string) json_encode($after))))->json('rows');
            self::assertSame(array_slice($whole, $page * 200, 200), array_column($rows, 'id'));
        }
    }

    public function test_a_column_is_summed_up(): void
    {
        $this->getJson("$this->rows/swims/summary?field=places")
            ->assertOk()
            ->assertJsonPath('filled', 11)
            ->assertJsonPath('totals', ['sum' => '66', 'average' => '6', 'min' => '0', 'max' => '15'])
            ->assertJsonPath('most.0.where', 'places == 0');
        $spots = $this->getJson("$this->rows/swims/summary?field=spot")->assertJsonPath('most.0', [
            'text' => 'Lantern Cove',
            'count' => 3,
            'where' => 'spot.id == 1',
        ]);
        self::assertMeets('studio', (string) $spots->getContent(), 'Summary');
        $this->getJson("$this->rows/swims?where=".urlencode('spot.id == 1'))->assertJsonCount(3, 'rows');
    }

    public function test_links_are_picked_by_searching(): void
    {
        $this->getJson("$this->rows/swims/choices?field=spot&search=lid")
            ->assertOk()
            ->assertExactJson([['id' => '4', 'label' => 'The Old Lido']]);
        $this->getJson("$this->rows/swims/choices?field=nothing")->assertNotFound();
    }

    public function test_sandbox_and_live_are_apart(): void
    {
        $this->postJson("$this->rows/swims/remove", ['ids' => [1]])->assertOk();

        $this->getJson("/api/apps/{$this->demo->id}/rows/live/swims/anchors")->assertJsonPath('count', 11);
        $this->getJson("/api/apps/{$this->demo->id}/rows/backup/swims")->assertNotFound();
        $this->getJson("$this->rows/_taps")->assertNotFound();
    }

    public function test_rows_are_copied_between_the_sets_only_when_asked(): void
    {
        $this->postJson("$this->rows/spots", [
            'changes' => [['id' => 2, 'values' => ['shore' => 'East']], ['id' => null, 'values' => ['name' => 'Reed Bay']]],
        ])->assertOk();
        $this->postJson("$this->rows/swims", ['changes' => [['id' => 1, 'values' => ['spot' => '7']]]])->assertOk();
        $compared = $this->getJson("$this->rows/spots/compare")
            ->assertJsonPath('same', 5)
            ->assertJsonPath('rows', [
                ['id' => 2, 'label' => 'Gannet Slip', 'kind' => 'different', 'fields' => ['Shore']],
                ['id' => 7, 'label' => 'Reed Bay', 'kind' => 'new', 'fields' => []],
            ]);
        self::assertMeets('studio', (string) $compared->getContent(), 'Comparison');

        $this->postJson("$this->rows/swims/copy", ['ids' => [1]])
            ->assertUnprocessable()
            ->assertJsonPath('message', '“Dawn dip” links to a Spot that is not there yet. Copy Spots first.');
        $this->postJson("$this->rows/spots/copy", ['ids' => [2, 7]])
            ->assertOk()
            ->assertJsonPath('copied', 2);
        $this->postJson("$this->rows/swims/copy", ['ids' => [1]])->assertOk();
        $this->getJson("/api/apps/{$this->demo->id}/rows/live/swims/1")->assertJsonPath('labels.spot.7', 'Reed Bay');
        $this->getJson("$this->rows/spots/compare")->assertJsonPath('rows', []);
    }

    public function test_sample_rows_keep_the_rules_are_marked_and_go_together(): void
    {
        $this->postJson("/api/apps/{$this->demo->id}/samples/swims", ['count' => 10, 'seed' => 4])
            ->assertCreated()
            ->assertJsonPath('made', 10);
        $rows = $this->getJson("$this->rows/swims?where=".urlencode('this.id > 11'));
        self::assertSame(range(12, 21), $rows->json('samples'));
        $first = $rows->json('rows.0.values');
        self::assertNotSame('', $first['title'].$first['starts']);
        self::assertContains((int) $first['spot'], range(1, 6));
        $this->deleteJson("/api/apps/{$this->demo->id}/samples/swims")
            ->assertOk()
            ->assertJsonPath('removed', 10);
        $this->postJson("/api/apps/{$this->demo->id}/samples/swims", ['count' => 1, 'seed' => 4])->assertCreated();
        self::assertSame(
            $first,
            $this->getJson("$this->rows/swims?where=".urlencode('this.id > 11'))->json('rows.0.values'),
            'The same seed gives the same rows.',
        );
    }

    public function test_two_thousand_rows_are_written_together(): void
    {
        $changes = array_map(fn (int $i): array => ['id' => null, 'values' => ['name' => "Spot $i"]], range(1, 2000));
        $rows = $this->postJson("$this->rows/spots", ['changes' => $changes])
            ->assertOk()
            ->assertJsonCount(2000, 'rows')
            ->json('rows');
        self::assertSame(['Spot 1', 'Spot 2000', '0'], [$rows[0]['values']['name'], $rows[1999]['values']['name'], $rows[5]['values']['planned']]);
        $this->postJson("$this->rows/spots", ['changes' => [...$changes, ['id' => null, 'values' => ['name' => 'One more']]]])->assertUnprocessable();
    }

    public function test_a_row_comes_back_without_links_that_lead_nowhere_by_then(): void
    {
        $swim = $this->postJson("$this->rows/swims/remove", ['ids' => [1]])->json('token');
        $person = $this->postJson("$this->rows/people/remove", ['ids' => [1]])->json('token');
        $this->postJson("$this->rows/spots/remove", ['ids' => [1]])->assertOk();
        $this->postJson("$this->rows/swims/restore", ['token' => $swim])->assertJsonPath('back', 1);
        $this->postJson("$this->rows/people/restore", ['token' => $person])->assertJsonPath('back', 1);

        $this->getJson("$this->rows/swims/1")
            ->assertJsonPath('row.values.spot', '')
            ->assertJsonPath('row.values.host', '')
            ->assertJsonPath('row.values.title', 'Dawn dip')
            ->assertJsonPath('linked.0.count', 2);
        $this->getJson("$this->rows/people/1")->assertJsonPath('row.values.favouriteSpots', '3');
    }

    public function test_only_the_last_removals_are_kept(): void
    {
        $tokens = [];
        for ($i = 0; $i < 25; $i++) {
            $id = $this->postJson("$this->rows/spots", ['changes' => [['id' => null, 'values' => ['name' => "Spot $i"]]]])->json('rows.0.id');
            $tokens[] = $this->postJson("$this->rows/spots/remove", ['ids' => [$id]])->json('token');
        }

        $this->postJson("$this->rows/spots/restore", ['token' => $tokens[0]])->assertNotFound();
        $this->postJson("$this->rows/spots/restore", ['token' => $tokens[10]])->assertOk();
    }

    public function test_search_goes_on_after_a_field_has_changed_its_type(): void
    {
        $this->getJson("$this->rows/spots?search=sheltered")->assertJsonCount(1, 'rows');
        foreach (['is a whole number', 'is a long text', 'is a decimal', 'is a text'] as $i => $type) {
            $this->postJson("/api/apps/{$this->demo->id}/edits", [
                'base' => $i + 1,
                'sure' => true,
                'edit' => ['do' => 'fill', 'at' => '/tables/0/fields/3/type', 'text' => $type],
            ])->assertOk();
            $this->getJson("$this->rows/spots?search=lantern")
                ->assertOk()
                ->assertJsonCount(1, 'rows');
        }
        $this->getJson("$this->rows/spots?search=sheltered")->assertJsonCount(1, 'rows');
    }

    public function test_rows_keep_rules_about_each_other_and_say_so(): void
    {
        $script =
            "app Seats\n\ntable Seats, each a Seat, no two alike in Row and Number\n  Row is one of \"A\", \"B\"\n  Number is a whole number\n"
                ."  Code is a text written like \"A-1\", no two alike\n  Taken is yes or no\n  Guest is a text, only while taken\n"
                    ."  Held is a date and time, at first addDays(now(), 1)\n  Added is when it was added\n";
        $id = $this->postJson('/api/apps', ['name' => 'Seats'])->json('id');
        $this->postJson("/api/apps/$id/edits", ['base' => 1, 'edit' => ['do' => 'rewrite', 'text' => $script]])->assertOk();
        $write = fn (array ...$rows) => $this->postJson("/api/apps/$id/rows/sandbox/seats", [
            'changes' => array_map(fn (array $values): array => ['id' => $values['id'] ?? null, 'values' => array_diff_key($values, ['id' => 1])], $rows),
        ]);

        $first = $write(['row' => 'a', 'number' => '1', 'code' => 'X-7'])->assertOk();
        self::assertSame('A', $first->json('rows.0.values.row'));
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\d \d\d:\d\d/', $first->json('rows.0.values.added'));
        self::assertGreaterThan($first->json('rows.0.values.added'), $first->json('rows.0.values.held'));
        $write(['row' => 'A', 'number' => '1'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'There is already a Seat with the same Row and Number.');
        $write(['row' => 'B', 'number' => '1', 'code' => 'X-7'])->assertJsonPath('message', 'There is already a Seat with this Code.');
        $write(['row' => 'B', 'number' => '1', 'code' => 'x7'])->assertJsonPath('message', 'Please write it like “A-1”.');
        $write(['row' => 'B', 'number' => '1', 'guest' => 'Ada'])->assertJsonPath('message', 'This can be filled in only while taken.');
        $write(['row' => 'B', 'number' => '1', 'guest' => 'Ada', 'taken' => 'yes'])->assertOk();
        // Two in one go are each other's twins too.
        $write(['row' => 'B', 'number' => '5'], ['row' => 'B', 'number' => '5'])
            ->assertUnprocessable()
            ->assertJsonPath('cells.0.index', 1);
        $write(['id' => 1, 'number' => '2'])->assertOk();
    }
}
