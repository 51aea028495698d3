<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Language\Families;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Query\Query;
use Tests\TestCase;

final class EditsTest extends TestCase
{
    private App $app_;

    protected function setUp(): void
    {
        parent::setUp();
        $this->app_ = $this->demo();
        $this->actingAs($this->founderOf($this->app_));
    }

    public function test_the_studio_state_meets_its_contract(): void
    {
        self::assertMeets(
            'studio',
            (string) $this->getJson("/api/apps/{$this->app_->id}")
                ->assertOk()
                ->getContent(),
        );
        self::assertMeets(
            'studio',
            (string) $this->getJson("/api/apps/{$this->app_->id}/release")
                ->assertOk()
                ->getContent(),
            'ReleaseState',
        );
        self::assertMeets(
            'studio',
            (string) $this->getJson("/api/apps/{$this->app_->id}/blank?at=/screens/0/lines/2/where")
                ->assertOk()
                ->getContent(),
            'BlankState',
        );
    }

    public function test_an_edit_makes_a_revision_that_says_what_changed(): void
    {
        $state = $this->edit(['edit' => ['do' => 'fill', 'at' => '/screens/0/title', 'text' => 'This week']])->assertOk();

        $state
            ->assertJsonPath('whole.revision.number', 2)
            ->assertJsonPath('whole.revision.sentences.0.was.0', 'screen Upcoming, first, titled "Swims this week"')
            ->assertJsonPath('whole.revision.sentences.0.now.0', 'screen Upcoming, first, titled "This week"');
        self::assertMeets('studio', (string) $state->getContent(), 'Delta');
        self::assertSame(
            'Swims this week',
            $this->app_->revisions()->where('number', 1)->firstOrFail()->blueprint['screens'][0]['title'],
            'An older revision is never changed.',
        );
    }

    public function test_undo_and_redo_are_revisions_too(): void
    {
        $first = $this->script();
        $this->edit(['edit' => ['do' => 'fill', 'at' => '/screens/0/title', 'text' => 'This week']]);
        $this->edit(['edit' => ['do' => 'remove', 'places' => ['/screens/0/lines/1']]], 2);
        $second = $this->script();

        $this->postJson("/api/apps/{$this->app_->id}/undo", ['base' => 1])->assertOk();
        $this->postJson("/api/apps/{$this->app_->id}/undo", ['base' => 1])
            ->assertOk()
            ->assertJsonPath('whole.canUndo', false)
            ->assertJsonPath('whole.revision.number', 5);
        self::assertSame($first, $this->script());
        $this->postJson("/api/apps/{$this->app_->id}/undo", ['base' => 1])
            ->assertConflict()
            ->assertJsonPath('message', 'There is nothing to undo.');
        $this->postJson("/api/apps/{$this->app_->id}/redo", ['base' => 1])->assertOk();
        $this->postJson("/api/apps/{$this->app_->id}/redo", ['base' => 1])
            ->assertOk()
            ->assertJsonPath('whole.canRedo', false);
        self::assertSame($second, $this->script());
    }

    public function test_two_windows_may_edit_different_lines_but_not_the_same_one(): void
    {
        $this->edit(['edit' => ['do' => 'fill', 'at' => '/screens/0/lines/1/text', 'text' => 'from the first window']])->assertOk();

        $this->edit(['edit' => ['do' => 'fill', 'at' => '/screens/3/title', 'text' => 'from the second window']])->assertOk();
        $this->edit(['edit' => ['do' => 'fill', 'at' => '/screens/0/lines/1/text', 'text' => 'from the second window']])->assertConflict();
        self::assertStringContainsString('from the first window', $this->script());
        self::assertStringContainsString('titled "from the second window"', $this->script());
    }

    public function test_a_typed_line_that_cannot_be_read_says_where_and_changes_nothing(): void
    {
        $this->edit(['edit' => ['do' => 'write', 'list' => '/screens/0/lines', 'text' => 'Headline "x"']])
            ->assertUnprocessable()
            ->assertJsonPath('line', 1)
            ->assertJsonPath('column', 1)
            ->assertJsonPath(
                'expected',
                array_map(fn (string $class): string => '“'.$class::sentence()->lead()?->words.'”', array_values(Families::of(AnyLine::class)->kinds)),
            );
        self::assertSame(1, $this->app_->refresh()->revision->number);
    }

    public function test_a_mend_can_be_read_before_it_is_applied(): void
    {
        $finding = $this->getJson("/api/apps/{$this->app_->id}")->json('findings.0');
        $this->getJson("/api/apps/{$this->app_->id}/mend?finding={$finding['id']}")
            ->assertOk()
            ->assertJsonPath('sentences.0.now.0', '  summary is "Find a swim near you, in the sea and in good company."');
        $this->postJson("/api/apps/{$this->app_->id}/mend", ['base' => 1, 'finding' => $finding['id']])
            ->assertOk()
            ->assertJsonFragment(['op' => 'remove', 'path' => '/findings/0']);
        $this->postJson("/api/apps/{$this->app_->id}/mend", ['base' => 2, 'finding' => $finding['id']])
            ->assertConflict()
            ->assertJsonPath('message', 'This has been put right already.');
    }

    public function test_renaming_a_field_keeps_its_values(): void
    {
        $this->edit(['edit' => ['do' => 'fill', 'at' => '/tables/1/fields/3/name', 'text' => 'Room left']])->assertOk();

        self::assertSame([6, 8, 10], array_slice($this->column('Swims', 'Room left'), 0, 3));
        $this->postJson("/api/apps/{$this->app_->id}/undo", ['base' => 1])->assertOk();
        self::assertSame([6, 8, 10], array_slice($this->column('Swims', 'Places'), 0, 3));
    }

    public function test_a_changed_type_converts_what_it_can_and_an_undo_brings_back_the_rest(): void
    {
        $before = $this->column('Spots', 'Shore');
        $script = $this->script();
        $this->edit(['edit' => ['do' => 'rewrite', 'text' => str_replace('Shore is a text', 'Shore is a whole number', $script)]])->assertOk();
        self::assertSame(array_fill(0, 6, null), $this->column('Spots', 'Shore'));
        $this->postJson("/api/apps/{$this->app_->id}/undo", ['base' => 1])->assertOk();
        self::assertSame($before, $this->column('Spots', 'Shore'));

        $this->edit(
            ['edit' => ['do' => 'rewrite', 'text' => str_replace('Places is a whole number from 0 to 40', 'Places is a text', $script)]],
            3,
        )->assertOk();
        self::assertSame(['6', '8', '10'], array_slice($this->column('Swims', 'Places'), 0, 3));
    }

    public function test_a_removed_field_comes_back_with_its_values(): void
    {
        $this->edit(['sure' => true, 'edit' => ['do' => 'remove', 'places' => ['/tables/0/fields/3']]])->assertOk();
        $this->postJson("/api/apps/{$this->app_->id}/undo", ['base' => 1])->assertOk();

        self::assertStringStartsWith('Sheltered from the west.', (string) $this->column('Spots', 'Note')[0]);
    }

    public function test_an_app_is_begun_empty(): void
    {
        $id = $this->postJson('/api/apps', ['name' => 'Tide Table'])
            ->assertCreated()
            ->json('id');

        $this->getJson("/api/apps/$id")
            ->assertOk()
            ->assertJsonPath('screens.0.name', 'Start')
            ->assertJsonPath('tables', []);
        $this->postJson('/api/apps', ['name' => ' '])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'Please give the app a name of at most 60 characters.');
    }

    /** @param  array<string, mixed>  $edit */
    private function edit(array $edit, int $base = 1): TestResponse
    {
        return $this->postJson("/api/apps/{$this->app_->id}/edits", $edit + ['base' => $base]);
    }

    private function script(): string
    {
        return (string) $this->get("/api/apps/{$this->app_->id}/script")
            ->assertOk()
            ->getContent();
    }

    /** @return list<mixed> */
    private function column(string $table, string $field): array
    {
        $blueprint = $this->app_->refresh()->revision->read();
        $found = $blueprint->table($table) ?? self::fail($table);
        $column = $found->field($field)?->column() ?? self::fail($field);

        return array_map(
            fn ($row): mixed => $row->values[$column],
            (new EloquentRecordStore($this->app_, DataSet::Sandbox, $blueprint))->rows(new Query($found)),
        );
    }
}
