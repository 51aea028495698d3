<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Models\Submission;
use App\Packaging\Target;
use App\Stores\StoreDesk;
use App\Stores\StoreUnreachable;
use Tests\Support\LocalServer;
use Tests\TestCase;

/** The stand-in stores run as a process of their own and are reached over HTTP, as a real store would be. */
final class StoresTest extends TestCase
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
        $port = $this->server->port;
        config([
            'lanai.standins' => "127.0.0.1:$port",
            'lanai.stores.quay.url' => "http://127.0.0.1:$port/quay",
            'lanai.stores.pier.url' => "http://127.0.0.1:$port/pier",
            'lanai.stores.quay.token' => 'test-token',
            'lanai.stores.pier.token' => 'test-token',
        ]);
    }

    protected function tearDown(): void
    {
        $this->server->stop();
        parent::tearDown();
    }

    public function test_a_package_is_turned_down_mended_approved_and_released(): void
    {
        $first = $this->submit(Target::Apk, 'quay');
        self::assertSame('turned down', $first->state);
        self::assertSame([['code' => 'listing.summary', 'sentence' => 'The short description has 108 characters; at most 80 are allowed.']], $first->reasons);

        $this->listingMended();
        $second = $this->submit(Target::Aab, 'quay');
        self::assertSame(['approved', []], [$second->state, $second->reasons]);
        app(StoreDesk::class)->release($second);
        $page = (string) file_get_contents($second->page);
        self::assertStringContainsString('Saltlark: swim together', $page);
        self::assertStringContainsString('<li>Personal info: Name <small>linked to you</small></li>', $page);
        self::assertStringContainsString('<li>App activity: Other user-generated content <small>shared, linked to you</small></li>', $page);
        self::assertStringContainsString('You can have it deleted.', $page);
        self::assertStringContainsString('Contains adverts.', $page, 'What the store is told of adverts follows from the sentences.');

        $third = $this->submit(Target::Apk, 'quay');
        self::assertSame('turned down', $third->state, 'The version code has been used.');
        self::assertSame(['version.code'], array_column($third->reasons, 'code'));
        self::assertSame(1, $this->demo->lastApprovedBuild());
    }

    public function test_a_web_app_goes_to_the_other_store(): void
    {
        $this->listingMended();

        self::assertSame('approved', $this->submit(Target::Web, 'pier')->state);
    }

    public function test_a_store_that_does_not_take_it_or_know_the_token_says_so(): void
    {
        config(['lanai.stores.quay.token' => 'another']);
        try {
            $this->submit(Target::Web, 'quay');
            self::fail('It was taken.');
        } catch (StoreUnreachable $unreachable) {
            self::assertSame('Quay: This publisher token is not known.', $unreachable->getMessage());
        }
        config(['lanai.stores.quay.token' => 'test-token']);
        $this->expectExceptionMessage('Quay: This store takes Android packages (APK or AAB).');
        $this->submit(Target::Web, 'quay');
    }

    public function test_a_store_that_is_away_loses_nothing(): void
    {
        $this->server->stop(0);
        $this->expectExceptionMessage('Quay does not answer. Nothing was lost; please try again in a moment.');
        $this->submit(Target::Apk, 'quay');
    }

    private function submit(Target $target, string $store): Submission
    {
        $build = $this->demo
            ->builds()
            ->create(['revision_id' => $this->demo->revision->id, 'target' => $target->value, 'version' => '1.0.0', 'number' => 1, 'here' => true]);
        (new \App\Jobs\BuildPackage($build->id))->handle();
        $desk = app(StoreDesk::class);
        $submission = $desk->submit($build->fresh(['app', 'revision']) ?? $build, $store);
        for ($i = 0; $i < 60 && in_array($submission->state, StoreDesk::OPEN, true); $i++) {
            usleep(100000);
            $desk->refresh($submission);
        }

        return $submission;
    }

    private function listingMended(): void
    {
        $finding = $this->actingAs($this->founderOf($this->demo))
            ->getJson("/api/apps/{$this->demo->id}")
            ->json('findings.0.id');
        $this->postJson("/api/apps/{$this->demo->id}/mend", ['base' => 1, 'finding' => $finding])->assertOk();
        $this->demo->refresh();
    }
}
