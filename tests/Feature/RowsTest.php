<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use Tests\TestCase;

final class RowsTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->actingAs($this->founderOf($this->demo));
    }

    public function test_rows_are_read_added_changed_and_removed(): void
    {
        $path = "/api/apps/{$this->demo->id}/rows/sandbox/spots";
        $this->getJson("$path?sort=water&way=downward")->assertOk()->assertJsonPath('count', 6)->assertJsonPath('rows.0.values.name', 'The Old Lido');
        $id = $this->postJson($path, ['values' => ['name' => 'New Quay Steps', 'water' => '11.5']])->assertCreated()->json('id');
        $this->patchJson("$path/$id", ['values' => ['shore' => 'East']])->assertOk()->assertJsonPath('values.shore', 'East')->assertJsonPath('values.water', '11.5');
        $this->deleteJson("$path/$id")->assertOk();
        $this->deleteJson("$path/$id")->assertNotFound();
    }

    public function test_bad_cells_are_told_one_by_one_and_nothing_is_kept(): void
    {
        $path = "/api/apps/{$this->demo->id}/rows/sandbox/swims";
        $this->postJson($path, ['values' => ['title' => '', 'spot' => '77', 'starts' => 'tomorrow', 'places' => '4.5']])->assertUnprocessable()
            ->assertJsonPath('errors', ['title' => 'Please fill this in.', 'spot' => 'This Spot is no longer there.', 'starts' => '“tomorrow” is not a date and time. Write it as 2026-12-24 07:30.', 'places' => '“4.5” is not a whole number.']);
        $this->patchJson("$path/1", ['values' => ['places' => '41']])->assertUnprocessable()->assertJsonPath('message', 'This must be at most 40.');
        $this->getJson($path)->assertJsonPath('count', 11);
    }

    public function test_an_entirely_empty_row_is_not_stored(): void
    {
        $id = $this->postJson('/api/apps', ['name' => 'Empty'])->json('id');
        $this->postJson("/api/apps/$id/edits", ['base' => 1, 'what' => 'add', 'at' => '/tables', 'text' => "table Notes, each a Note\n  Text is a text"])->assertOk();

        $this->postJson("/api/apps/$id/rows/sandbox/notes", ['values' => ['text' => ' ']])->assertUnprocessable()->assertJsonPath('errors.text', 'Please fill in something first.');
    }

    public function test_sandbox_and_live_are_apart(): void
    {
        $this->deleteJson("/api/apps/{$this->demo->id}/rows/sandbox/swims/1")->assertOk();

        $this->getJson("/api/apps/{$this->demo->id}/rows/live/swims")->assertJsonPath('count', 11);
        $this->getJson("/api/apps/{$this->demo->id}/rows/backup/swims")->assertNotFound();
        $this->getJson("/api/apps/{$this->demo->id}/rows/sandbox/_taps")->assertNotFound();
    }
}
