<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Space;
use App\Studio\SandboxCopy;
use Lanai\Core\Query\Query;
use Tests\TestCase;

/** A proposal runs in the deck before it is taken: in a copy, for the founder alone, and of each app the last one. */
final class TrialTest extends TestCase
{
    public function test_it_shows_what_is_proposed_and_leaves_the_app_as_it_is(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $before = $this->swims($app);
        $key = $this->begun($app, 'rename Mine to My water');
        $this->get("/trial/$key")->assertOk()->assertSee("\\/device\\/trial\\/$key", false)->assertSee('"media":"\\/media\\/'.$app->id.'"', false);
        $view = $this->postJson("/device/trial/$key/view", ['screen' => '', 'person' => 1, 'zone' => 'UTC'])->assertOk();
        self::assertStringContainsString('My water', (string) json_encode($view->json('view.tabs')));
        $here = $this->postJson("/device/deck/$app->id/view", ['screen' => '', 'person' => 1, 'zone' => 'UTC'])->assertOk();
        self::assertStringNotContainsString('My water', (string) json_encode($here->json('view.tabs')));
        self::assertSame([1, $before], [$app->refresh()->revision->number, $this->swims($app)]);
    }

    public function test_a_table_that_is_only_proposed_is_there_and_gone_with_it(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $key = $this->begun($app, 'add a rating to spots');
        $this->postJson("/device/trial/$key/view", ['screen' => 'spots', 'person' => 1, 'zone' => 'UTC'])->assertOk()->assertJsonMissingPath('view.problem.0');
        $copies = glob(config('lanai.apps').'/-*') ?: [];
        self::assertCount(1, $copies);
        // The next one takes its place.
        $next = $this->begun($app, 'rename Mine to My water');
        self::assertCount(1, glob(config('lanai.apps').'/-*') ?: []);
        $this->postJson("/device/trial/$key/view", ['screen' => '', 'zone' => 'UTC'])->assertNotFound();
        $this->deleteJson("/api/apps/$app->id/say/try")->assertOk();
        self::assertSame([], glob(config('lanai.apps').'/-*') ?: []);
        $this->postJson("/device/trial/$next/view", ['screen' => '', 'zone' => 'UTC'])->assertNotFound();
    }

    public function test_it_is_nobody_elses(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $key = $this->begun($app, 'rename Mine to My water');
        $this->actingAs($this->stranger());
        $this->postJson("/device/trial/$key/view", ['screen' => '', 'zone' => 'UTC'])->assertNotFound();
        $this->get("/trial/$key")->assertNotFound();
        $this->postJson("/api/apps/$app->id/say/try", ['text' => 'rename Mine to X', 'take' => [0]])->assertNotFound();
        $this->postJson('/device/trial/'.str_repeat('a', 40).'/view', ['screen' => '', 'zone' => 'UTC'])->assertNotFound();
    }

    public function test_what_a_process_has_left_is_removed_after_a_while(): void
    {
        $left = config('lanai.apps').'/-77';
        mkdir($left);
        self::assertSame(0, SandboxCopy::prune());
        touch($left, time() - 7200);
        self::assertSame(1, SandboxCopy::prune());
        self::assertDirectoryDoesNotExist($left);
    }

    private function begun(App $app, string $saying): string
    {
        return $this->postJson("/api/apps/$app->id/say/try", ['text' => $saying, 'here' => '', 'take' => [0]])->assertCreated()->json('trial');
    }

    private function swims(App $app): int
    {
        return Space::sandbox($app)->store()->whole()->count(new Query($app->revision->read()->table('Swims') ?? self::fail()));
    }
}
