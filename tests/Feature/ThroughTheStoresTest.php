<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Jobs\BuildPackage;
use App\Jobs\SendNotice;
use App\Models\App;
use App\Models\Submission;
use App\Packaging\Target;
use App\Stores\StoreDesk;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Tests\Support\LocalServer;
use Tests\TestCase;

/**
 * Saltlark through both stores from nothing: tried by two, turned down twice for reasons that are real, mended, approved, to a fifth of the people, halted for
 * an error, put right, and to everybody. The stores are processes of their own, reached over HTTP; the packages are built for real.
 */
final class ThroughTheStoresTest extends TestCase
{
    private App $demo;

    private LocalServer $server;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->server = LocalServer::standins(
            $this->folder().'/standins',
            ['LANAI_STANDIN_TOKEN' => 'test-token', 'LANAI_REVIEW_SECONDS' => '0.4'],
            ['-d', 'upload_max_filesize=50M', '-d', 'post_max_size=60M'],
        );
        config(['lanai.standins' => "127.0.0.1:{$this->server->port}"]);
        foreach (['quay', 'pier'] as $store) {
            config(["lanai.stores.$store.url" => "http://127.0.0.1:{$this->server->port}/$store", "lanai.stores.$store.token" => 'test-token']);
        }
        $this->actingAs($this->founderOf($this->demo));
        app(RevisionBook::class)->goLive($this->demo);
    }

    protected function tearDown(): void
    {
        $this->server->stop();
        parent::tearDown();
    }

    public function test_from_nothing_to_everybody_in_both_stores(): void
    {
        Queue::fake([SendNotice::class]);
        // Two try it, and one tells how it was.
        $this->ask('testers', ['emails' => 'ada@friends.example, ben@friends.example', 'group' => 'Friends'])->assertOk()->assertJsonPath('sent', 2);
        Queue::assertPushed(SendNotice::class, 2);

        // Turned down in both stores: the short description is too long. Lanai knew it before.
        $first = ['quay' => $this->submit(Target::Aab, 'quay'), 'pier' => $this->submit(Target::Ipa, 'pier')];
        foreach ($first as $store => $submission) {
            self::assertSame(['turned down', ['listing.summary']], [$submission->state, array_column($submission->reasons, 'code')], $store);
        }
        $finding = collect((array) $this->getJson($this->at(''))->json('findings'))->firstWhere('rule', 'ListingSummary');
        $this->ask('mend', ['base' => $this->demo->refresh()->revision->number, 'finding' => $finding['id']])->assertOk();

        // Turned down again: what the founder writes now praises itself.
        $this->says('summary', 'The best app for swims.');
        foreach (['quay' => Target::Aab, 'pier' => Target::Ipa] as $store => $target) {
            $again = $this->submit($target, $store);
            self::assertSame(['turned down', ['listing.summary.praise']], [$again->state, array_column($again->reasons, 'code')], $store);
        }
        $this->says('summary', 'Find a swim near you, in the sea and in good company.');

        // Approved, and to a fifth of the people.
        $second = ['quay' => $this->submit(Target::Aab, 'quay'), 'pier' => $this->submit(Target::Ipa, 'pier')];
        foreach ($second as $store => $submission) {
            self::assertSame(['approved', []], [$submission->state, $submission->reasons], $store);
            $this->ask("submissions/$submission->id/release", ['share' => 20])->assertOk();
            self::assertSame(['rolling out', 20], [$submission->refresh()->state, $submission->share]);
        }

        // Something goes wrong on a phone: it is told with how to come there, and both are halted.
        $this->postJson('/device/live/saltlark/trouble', [
            'said' => 'The list is gone', 'platform' => 'android', 'version' => 'quay 1',
            'steps' => [['what' => 'screen', 'of' => 'upcoming'], ['what' => 'tap', 'of' => '/screens/1/lines/6']],
        ])->assertStatus(202);
        $state = $this->getJson($this->at('/release'))->assertOk();
        self::assertSame(['see Upcoming', 'tap “Count me in”'], array_column($state->json('troubles.0.steps'), 'words'));
        foreach ($second as $store => $submission) {
            $this->ask("submissions/$submission->id/halt")->assertOk();
            self::assertSame('halted', $submission->refresh()->state, $store);
            self::assertStringContainsString('There is no such app here.', $this->page($store));
        }

        // Put right: another build, approved, and to everybody.
        $this->says('build', '2');
        $this->says('version', '1.0.1');
        foreach (['quay' => Target::Aab, 'pier' => Target::Ipa] as $store => $target) {
            $third = $this->submit($target, $store);
            self::assertSame(['approved', []], [$third->state, $third->reasons], $store);
            $this->ask("submissions/$third->id/release")->assertOk();
            self::assertSame(['released', 100], [$third->refresh()->state, $third->share]);
            self::assertStringContainsString('Install version 1.0.1', $this->page($store));
        }
        // The founder was written to of each decision.
        Queue::assertPushed(SendNotice::class, 2 + 8);
        self::assertSame(2, $this->demo->refresh()->lastApprovedBuild());
    }

    private function page(string $store): string
    {
        $address = config("lanai.stores.$store.url").'/apps/com.saltlark.companion';

        return (string) file_get_contents($address, context: stream_context_create(['http' => ['ignore_errors' => true]]));
    }

    private function submit(Target $target, string $store): Submission
    {
        $release = $this->demo->refresh()->revision->read()->release;
        $build = $this->demo->builds()->create([
            'revision_id' => $this->demo->revision->id, 'target' => $target->value, 'version' => $release->version, 'number' => $release->build, 'here' => true,
        ]);
        (new BuildPackage($build->id))->handle();
        self::assertSame('done', $build->refresh()->state, $build->log);
        $this->ask('submissions', ['build' => $build->id, 'store' => $store])->assertOk();
        $submission = Submission::query()->latest('id')->firstOrFail();
        for ($until = microtime(true) + 20; in_array($submission->state, StoreDesk::OPEN, true) && microtime(true) < $until;) {
            app(StoreDesk::class)->refresh($submission);
        }

        return $submission;
    }

    private function says(string $blank, string $text): void
    {
        $edit = ['do' => 'fill', 'at' => "/release/$blank", 'text' => $text];
        $this->ask('edits', ['base' => $this->demo->refresh()->revision->number, 'edit' => $edit])->assertOk();
    }

    /** @param  array<string, mixed>  $body */
    private function ask(string $what, array $body = []): TestResponse
    {
        return $this->postJson($this->at("/$what"), $body);
    }

    private function at(string $what): string
    {
        return "/api/apps/{$this->demo->id}$what";
    }
}
