<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Jobs\BuildPackage;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Support\Facades\Queue;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Model\Blueprint;
use Tests\TestCase;

final class ReleaseTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->actingAs($this->founderOf($this->demo));
    }

    public function test_a_build_waits_in_the_queue_and_can_be_cancelled_there(): void
    {
        Queue::fake();
        $id = $this->postJson("/api/apps/{$this->demo->id}/builds", ['target' => 'apk', 'here' => true])
            ->assertStatus(202)
            ->assertJsonPath('builds.0.state', 'queued')
            ->json('builds.0.id');
        Queue::assertPushed(BuildPackage::class);
        $this->deleteJson("/api/apps/{$this->demo->id}/builds/$id")
            ->assertOk()
            ->assertJsonPath('builds.0.state', 'cancelled');

        (new BuildPackage($id))->handle();
        $this->getJson("/api/apps/{$this->demo->id}/release")
            ->assertJsonPath('builds.0.state', 'cancelled')
            ->assertJsonPath('builds.0.size', 0);
        $this->get("/api/apps/{$this->demo->id}/builds/$id/file")->assertNotFound();
    }

    public function test_a_tool_that_is_missing_is_told_in_the_log(): void
    {
        config(['lanai.android_framework' => '/nowhere/framework.apk']);
        $build = $this->postJson("/api/apps/{$this->demo->id}/builds", ['target' => 'apk', 'here' => true])
            ->assertStatus(202)
            ->json('builds.0');

        self::assertSame('failed', $build['state']);
        self::assertStringContainsString('The Android framework resources are not installed.', $build['log']);
    }

    public function test_a_store_takes_only_its_own_kind_of_package(): void
    {
        $id = $this->postJson("/api/apps/{$this->demo->id}/builds", ['target' => 'web', 'here' => true])->json('builds.0.id');

        $this->postJson("/api/apps/{$this->demo->id}/submissions", ['build' => $id, 'store' => 'quay'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'Quay does not take this kind of package.');
        $this->postJson("/api/apps/{$this->demo->id}/submissions", ['build' => $id, 'store' => 'nowhere'])->assertUnprocessable();
        $this->postJson("/api/apps/{$this->demo->id}/submissions", ['build' => 999, 'store' => 'quay'])->assertNotFound();
        $this->postJson("/api/apps/{$this->demo->id}/builds", ['target' => 'floppy'])->assertUnprocessable();
    }

    public function test_only_an_approved_submission_can_be_released(): void
    {
        $this->postJson("/api/apps/{$this->demo->id}/submissions/1/release")->assertNotFound();
    }

    public function test_putting_live_brings_the_live_tables_along_and_leaves_their_rows(): void
    {
        $this->postJson("/api/apps/{$this->demo->id}/edits", [
            'base' => 1,
            'edit' => ['do' => 'write', 'list' => '/tables/0/fields', 'text' => 'Depth is a decimal'],
        ])->assertOk();
        $this->getJson("/api/apps/{$this->demo->id}/rows/live/spots")->assertJsonMissingPath('rows.0.values.depth');
        $this->postJson("/api/apps/{$this->demo->id}/live")
            ->assertOk()
            ->assertJsonPath('app.liveRevision', 2);

        $this->getJson("/api/apps/{$this->demo->id}/rows/live/spots")
            ->assertJsonPath('rows.0.values.depth', '')
            ->assertJsonPath('rows.0.values.name', 'Lantern Cove')
            ->assertJsonCount(6, 'rows');
    }

    public function test_the_command_line_builds_into_a_folder(): void
    {
        $this->artisan('lanai:package', ['app' => 'saltlark', 'target' => 'web', '--out' => $this->folder(), '--here' => true])->assertSuccessful();
        self::assertFileExists($this->folder().'/saltlark-1.0.0.zip');
        $this->artisan('lanai:package', ['app' => 'saltlark', 'target' => 'web', '--out' => '/nowhere/at/all', '--here' => true])
            ->assertFailed()
            ->expectsOutputToContain('There is no folder');
        $this->artisan('lanai:package', ['app' => 'nobody', 'target' => 'web'])
            ->assertFailed()
            ->expectsOutputToContain('There is no app “nobody”.');
        $this->artisan('lanai:check', ['app' => 'saltlark'])
            ->assertSuccessful()
            ->expectsOutputToContain('1 findings');
    }

    public function test_one_goes_back_to_what_was_live_before_and_nothing_that_was_entered_is_lost(): void
    {
        $book = app(RevisionBook::class);
        $one = "app Reef\n\ntable Spots, each a Spot\n  Name is a text\n\nscreen Start, first\n  Text \"One\"\n";
        $reef = $book->begin($this->stranger(), Blueprint::fromScript($one));
        $this->actingAs($this->founderOf($reef));
        $this->postJson("/api/apps/$reef->id/live/back")->assertStatus(409)->assertJsonPath('message', 'Nothing else was live before.');
        $book->goLive($reef);
        $two = "app Reef\n\ntable Spots, each a Spot\n  Name is a text\n  Depth is a whole number\n\nscreen Start, first\n  Text \"Two\"\n";
        $book->edit($reef->refresh(), $this->founderOf($reef), 1, new Rewrite($two));
        $this->postJson("/api/apps/$reef->id/live")->assertOk();
        $live = fn (): Space => Space::of($reef->refresh()->load(['liveRevision', 'revision']), DataSet::Live) ?? self::fail();
        $spots = $live()->blueprint()->table('Spots') ?? self::fail();
        $id = $live()->store()->add($spots, ['name' => 'Cove', 'depth' => 7]);

        $state = $this->getJson("/api/apps/$reef->id/release")->assertOk();
        self::assertSame([2, 1], [$state->json('live.revision'), $state->json('live.before')]);
        $this->postJson("/api/apps/$reef->id/live/back")->assertOk()->assertJsonPath('live.revision', 1)->assertJsonPath('live.before', null);
        $shown = $this->postJson("/device/live/$reef->slug/view", ['screen' => 'start'])->assertOk();
        self::assertStringContainsString('One', (string) $shown->getContent());
        self::assertSame(['name' => 'Cove'], $live()->store()->byIds($live()->blueprint()->table('Spots') ?? self::fail(), [$id])[$id]->values);
        $this->postJson("/api/apps/$reef->id/live/back")->assertStatus(409);

        $this->postJson("/api/apps/$reef->id/live")->assertOk();
        self::assertSame(7, $live()->store()->byIds($live()->blueprint()->table('Spots') ?? self::fail(), [$id])[$id]->values['depth']);
        $this->getJson("/api/apps/$reef->id/release")->assertJsonPath('live.before', 1);
    }
}
