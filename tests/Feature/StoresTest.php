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

    public function test_packages_for_iphones_go_through_the_other_store_and_carry_what_is_declared(): void
    {
        $this->listingMended();
        $approved = $this->submit(Target::Ipa, 'pier');
        self::assertSame(['approved', []], [$approved->state, $approved->reasons]);
        $project = $this->submit(Target::Ios, 'pier');
        self::assertSame(['version.code'], array_column($project->reasons, 'code'), 'It is the same app, and the number has been used.');
        app(StoreDesk::class)->release($approved);
        $package = (string) file_get_contents("$approved->page/package");
        self::assertSame("PK\x03\x04", substr($package, 0, 4));
    }

    public function test_a_version_goes_to_a_part_of_the_people_is_halted_and_goes_on(): void
    {
        $this->listingMended();
        $submission = $this->submit(Target::Web, 'pier');
        $at = fn (string $what, array $body = []): Submission => tap(
            $submission,
            fn () => $this->actingAs($this->founderOf($this->demo))
                ->postJson("/api/apps/{$this->demo->id}/submissions/$submission->id/$what", $body)->assertOk(),
        )->refresh();
        $visits = function () use ($submission): int {
            $seen = 0;
            for ($visitor = 0; $visitor < 60; $visitor++) {
                $context = stream_context_create(['http' => ['header' => "User-Agent: visitor $visitor", 'ignore_errors' => true]]);
                $page = (string) file_get_contents(config('lanai.stores.pier.url').'/apps/saltlark', context: $context);
                $seen += str_contains($page, 'Install version') ? 1 : 0;
            }
            self::assertNotSame('', $submission->page);

            return $seen;
        };

        $first = $at('release', ['share' => 20]);
        self::assertSame(['rolling out', 20], [$first->state, $first->share]);
        $some = $visits();
        self::assertGreaterThan(3, $some);
        self::assertLessThan(27, $some);
        $this->postJson("/api/apps/{$this->demo->id}/submissions/$submission->id/release", ['share' => 5])
            ->assertStatus(502)->assertJsonPath('message', 'Pier: It goes to between 1 and 100 of a hundred people, and never to fewer than before.');
        $this->postJson("/api/apps/{$this->demo->id}/submissions/$submission->id/release", ['share' => 0])->assertUnprocessable();

        $halted = $at('halt');
        self::assertSame(['halted', ''], [$halted->state, $halted->page]);
        self::assertSame(0, $this->demo->lastApprovedBuild() - $halted->build->number, 'Its number is used all the same.');
        $this->postJson("/api/apps/{$this->demo->id}/submissions/$submission->id/halt")->assertNotFound();

        self::assertSame(['released', 100], [$at('release')->state, $submission->share]);
        self::assertSame(60, $visits());
        self::assertSame('halted', $at('halt')->state);
        self::assertSame('withdrawn', $at('withdraw')->state);
        $this->postJson("/api/apps/{$this->demo->id}/submissions/$submission->id/release")->assertNotFound();
        $this->actingAs($this->stranger())->postJson("/api/apps/{$this->demo->id}/submissions/$submission->id/withdraw")->assertNotFound();
    }

    public function test_a_store_that_is_wrong_is_asked_to_look_again(): void
    {
        $this->listingMended();
        $this->says('summary', 'Find a swim near you, and come back happier.');
        $submission = $this->submit(Target::Apk, 'quay');
        $sentence = 'The short description speaks of other phones or stores: “pier” stands in it.';
        self::assertSame(['turned down', [$sentence]], [$submission->state, array_column($submission->reasons, 'sentence')]);
        self::assertArrayNotHasKey('doubtful', $submission->reasons[0]);

        $appeal = fn (string $words) => $this->actingAs($this->founderOf($this->demo))
            ->postJson("/api/apps/{$this->demo->id}/submissions/$submission->id/appeal", ['words' => $words]);
        $appeal('No.')->assertUnprocessable();
        $appeal('“Happier” is a word of its own and names no store.')->assertOk();
        self::assertSame('appealed', $submission->refresh()->state);
        $this->decided($submission);
        self::assertSame(['approved', 'You are right, and we were not. It is approved.'], [$submission->state, $submission->answer]);
    }

    public function test_a_store_that_is_right_stays_so(): void
    {
        $this->listingMended();
        $this->says('summary', 'The best app for swims.');
        $submission = $this->submit(Target::Web, 'pier');
        self::assertSame('turned down', $submission->state);
        app(StoreDesk::class)->appeal($submission, 'But it really is the best one of them all.');
        $this->decided($submission);
        self::assertSame(['turned down', 'We have looked again, and it stands.'], [$submission->state, $submission->answer]);
        $this->expectExceptionMessage('Pier: Once, and only where it was turned down, you can ask us to look again.');
        app(StoreDesk::class)->appeal($submission, 'Look at it once more, and then once more again.');
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
        $this->decided($submission);

        return $submission;
    }

    private function decided(Submission $submission): void
    {
        $until = microtime(true) + 20;
        while (in_array($submission->state, StoreDesk::OPEN, true) && microtime(true) < $until) {
            app(StoreDesk::class)->refresh($submission);
        }
    }

    private function says(string $blank, string $text): void
    {
        $this->actingAs($this->founderOf($this->demo))->postJson("/api/apps/{$this->demo->id}/edits", [
            'base' => $this->demo->revision->number,
            'edit' => ['do' => 'fill', 'at' => "/release/$blank", 'text' => $text],
        ])->assertOk();
        $this->demo->refresh();
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
