<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Jobs\SendNotice;
use App\Models\App;
use App\Models\Build;
use App\Models\StoreVoice;
use App\Models\Submission;
use App\Models\Tester;
use App\Packaging\Target;
use App\Stores\StoreAccounts;
use App\Stores\StoreDesk;
use App\Stores\StoreUnreachable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Tests\Support\LocalServer;
use Tests\TestCase;

/** The stand-in stores run as a process of their own and are reached over HTTP, as a real store would be. */
final class StoresTest extends TestCase
{
    /** Whoever writes to a page of the store, as it sees them. */
    private const VISITOR = [
        'header' => "Content-Type: application/x-www-form-urlencoded\r\nUser-Agent: a visitor",
        'follow_location' => 0,
        'ignore_errors' => true,
    ];

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

    public function test_what_is_tried_goes_to_those_on_a_list_or_by_a_link_before_it_goes_to_everyone(): void
    {
        $this->listingMended();
        $this->submit(Target::Web, 'pier');
        $this->actingAs($this->founderOf($this->demo));
        $at = "/api/apps/{$this->demo->id}/submissions";
        $this->postJson("$at/{$this->demo->submissions()->value('id')}/release")->assertOk();
        $build = $this->built(Target::Web, 2);
        $hand = fn (array $to) => $this->postJson($at, ['build' => $build->id, 'store' => 'pier'] + $to);
        $hand(['track' => 'some'])->assertUnprocessable();
        $hand(['track' => 'closed'])->assertUnprocessable()->assertJsonPath('message', 'Nobody tries it yet. Write to them first, at “Who tries it”.');
        foreach (['ada' => '', 'ben' => 'Divers'] as $who => $group) {
            Tester::query()->create(
                ['app_id' => $this->demo->id, 'email' => "$who@friends.example", 'group' => $group, 'mark' => $who, 'until' => now()->addDay()],
            );
        }
        // Those on a list read no words: nobody looks at them.
        $this->says('summary', 'The best app for swims.');
        $closed = $this->handed($hand(['track' => 'closed', 'group' => 'Divers'])->assertOk());
        self::assertSame(['in testing', 'closed'], [$closed->state, $closed->track]);
        self::assertStringEndsWith('/apps/saltlark/test', $closed->page);

        $visit = function (string $path, string $cookie = '', ?string $sent = null): array {
            $header = "User-Agent: a visitor\r\nContent-Type: application/x-www-form-urlencoded\r\nCookie: $cookie";
            $context = stream_context_create(['http' => [
                'header' => $header, 'ignore_errors' => true, 'follow_location' => 0, 'method' => $sent === null ? 'GET' : 'POST', 'content' => (string) $sent,
            ]]);
            $page = (string) file_get_contents(config('lanai.stores.pier.url').$path, context: $context);
            preg_match('~^Set-Cookie: ([^;]+)~mi', implode("\n", $http_response_header), $set);

            return [$page, $set[1] ?? ''];
        };
        $summary = fn (string $cookie): string => preg_match('~</h1><p>([^<]*)~', $visit('/apps/saltlark', $cookie)[0], $found) === 1 ? $found[1] : '';
        $all = 'Find a swim near you, in the sea and in good company.';
        self::assertStringContainsString('The address to which you were asked', $visit('/apps/saltlark/test')[0]);
        [$page, $none] = $visit('/apps/saltlark/test', '', 'email=ada%40friends.example');
        self::assertSame('', $none);
        self::assertStringContainsString('This address was not asked to try it.', $page);
        [, $cookie] = $visit('/apps/saltlark/test', '', 'email=Ben%40friends.example');
        self::assertSame([$all, 'The best app for swims.'], [$summary(''), $summary($cookie)]);
        self::assertSame($all, $summary(str_replace('=', '=0', $cookie)));

        // Who follows a link reads words, and so somebody looks at them.
        $open = $this->handed($hand(['track' => 'open'])->assertOk());
        self::assertSame('turned down', $open->state);
        $this->says('summary', 'Swims with others');
        $newer = $this->built(Target::Web, 3);
        $open = $this->handed($this->postJson($at, ['build' => $newer->id, 'store' => 'pier', 'track' => 'open'])->assertOk());
        self::assertSame('in testing', $open->state);
        [, $anybody] = $visit('/apps/saltlark/test', '', '');
        self::assertSame([$all, 'Swims with others'], [$summary(''), $summary($anybody)]);
        $this->postJson("$at/$open->id/release")->assertNotFound();
        $this->postJson("$at/$open->id/halt")->assertOk();
        self::assertSame($all, $summary($anybody), 'Nobody gets what is halted.');
        // What was tried can go to everyone with the number that it has.
        $last = $this->handed($this->postJson($at, ['build' => $newer->id, 'store' => 'pier'])->assertOk());
        self::assertSame('approved', $last->state);
    }

    public function test_a_founder_hands_in_with_an_account_of_their_own_and_is_told_whose_a_package_is(): void
    {
        $this->listingMended();
        $this->actingAs($this->founderOf($this->demo));
        $at = "/api/apps/{$this->demo->id}/stores";
        $new = $this->getJson($at)->assertOk();
        self::assertMeets('studio', (string) $new->getContent(), 'StoreStands');
        self::assertSame(['pier', false, 'Publisher for practice', 'none', []], [
            $new->json('stores.0.store'), $new->json('stores.0.own'), $new->json('stores.0.name'), $new->json('stores.0.record'),
            $new->json('stores.0.records'),
        ]);
        $first = $this->submit(Target::Ipa, 'pier');
        self::assertSame('approved', $first->state);
        $bundle = $this->demo->revision->read()->release->bundle();
        $this->says('package', $bundle);
        $this->getJson($at)->assertJsonPath('stores.0.record', 'yours')->assertJsonPath('stores.0.versionCode', 1);

        $given = fn (string $name): string => (string) preg_replace('~^.*<code>([^<]+)</code>.*$~s', '$1', (string) file_get_contents(
            config('lanai.stores.pier.url').'/publisher',
            context: stream_context_create(['http' => ['method' => 'POST', 'content' => http_build_query(['name' => $name])] + self::VISITOR]),
        ));
        $token = $given('Kelp & Söhne');
        self::assertMatchesRegularExpression('/^pub_[\w-]+\.[0-9a-f]{32}$/', $token);
        foreach (['short', 'two words here', substr($token, 0, -1).'0', str_replace('pub_', 'pub_A', $token)] as $wrong) {
            $this->postJson("$at/pier", ['token' => $wrong])->assertUnprocessable();
        }
        $own = $this->postJson("$at/pier", ['token' => " $token "])->assertOk()->assertJsonPath('stores.0.name', 'Kelp & Söhne');
        self::assertStringNotContainsString($token, (string) $own->getContent());
        self::assertStringNotContainsString($token, (string) DB::table('store_accounts')->value('token'), 'Sealed where it is kept.');
        // At another store it is nothing.
        $this->postJson("$at/quay", ['token' => $token])->assertUnprocessable()->assertJsonPath('message', 'Quay: This publisher token is not known.');
        $this->postJson("$at/elsewhere", ['token' => $token])->assertNotFound();

        // The package is that of the one before: both say so.
        $own->assertJsonPath('stores.0.record', 'other');
        $second = $this->submit(Target::Ipa, 'pier', 2);
        self::assertSame(['turned down', ['package']], [$second->state, array_column($second->reasons, 'code')]);
        app(StoreDesk::class)->refresh($first);
        self::assertSame('approved', $first->state, 'What was handed in before is asked about as it was handed in.');
        $this->says('package', 'org.kelp.swims');
        $third = $this->submit(Target::Ipa, 'pier', 3);
        self::assertSame('approved', $third->state);
        $this->getJson($at)->assertJsonPath('stores.0.record', 'yours')->assertJsonPath('stores.0.records.0.package', 'org.kelp.swims');

        $this->deleteJson("$at/pier")->assertOk()->assertJsonPath('stores.0.own', false);
        app(StoreDesk::class)->refresh($third);
        self::assertSame('approved', $third->state);
        $this->actingAs($this->stranger())->getJson($at)->assertNotFound();
        $this->postJson("$at/pier", ['token' => $token])->assertNotFound();
        self::assertNull(StoreAccounts::of($this->demo->founder_id, 'pier'));
    }

    public function test_a_version_goes_out_by_itself_on_its_day_and_the_founder_hears_what_was_decided(): void
    {
        Queue::fake([SendNotice::class]);
        $this->listingMended();
        $submission = $this->submit(Target::Web, 'pier');
        self::assertSame('approved', $submission->state);
        app(StoreDesk::class)->refresh($submission);
        Queue::assertPushed(SendNotice::class, 1);
        $this->says('summary', 'The best app for swims.');
        $this->submit(Target::Web, 'pier');
        Queue::assertPushed(SendNotice::class, 2);

        $this->actingAs($this->founderOf($this->demo));
        $date = fn (?string $at) => $this->postJson("/api/apps/{$this->demo->id}/submissions/$submission->id/date", ['at' => $at]);
        $date('2020-01-01')->assertUnprocessable()->assertJsonPath('message', 'It can be released by itself at a moment that is still to come, within a year.');
        $date('soon')->assertUnprocessable();
        $state = $date(now()->addDay()->toIso8601String())->assertOk();
        self::assertMeets('studio', (string) $state->getContent(), 'ReleaseState');
        $this->artisan('lanai:submissions')->assertOk();
        self::assertSame('approved', $submission->refresh()->state, 'Not before its day.');
        $this->travel(25)->hours();
        $this->artisan('lanai:submissions')->assertOk();
        self::assertSame(['released', null], [$submission->refresh()->state, $submission->release_at]);
        $date(now()->addDay()->toIso8601String())->assertNotFound();
    }

    public function test_what_people_say_on_its_page_is_read_and_answered_and_that_it_is_less_is_found(): void
    {
        $this->listingMended();
        $first = $this->submit(Target::Aab, 'quay');
        app(StoreDesk::class)->release($first);
        $says = fn (Submission $of, int $stars, string $words): string => (string) file_get_contents("$of->page/reviews", context: stream_context_create([
            'http' => ['method' => 'POST', 'content' => http_build_query(['stars' => $stars, 'words' => $words, 'by' => 'Odd <b>'])] + self::VISITOR,
        ]));
        foreach ([5, 5, 4, 5, 4, 5] as $n => $stars) {
            $says($first, $stars, "Clear water $n");
        }
        $state = fn (): array => $this->actingAs($this->founderOf($this->demo))->getJson("/api/apps/{$this->demo->id}/release")->assertOk()->json();
        Cache::flush();
        self::assertMeets('studio', (string) json_encode($state()), 'ReleaseState');
        self::assertSame([['Quay', '1.0.0 (1)', 6, 4.67, false]], array_map(array_values(...), $state()['voices']['versions']));
        $newest = $state()['voices']['newest'][0];
        self::assertSame(['Clear water 5', 'Odd <b>', ''], [$newest['words'], $newest['by'], $newest['answer']]);

        $answer = fn (int $id, string $words) => $this->postJson("/api/apps/{$this->demo->id}/voices/$id", ['words' => $words]);
        $answer($newest['id'], '')->assertUnprocessable()->assertJsonPath('message', 'An answer has between 1 and 1,000 characters.');
        $answer($newest['id'], 'Thank you! <script>')->assertOk()->assertJsonPath('voices.newest.0.answer', 'Thank you! <script>');
        $page = (string) file_get_contents($first->page);
        self::assertStringContainsString('Thank you! &lt;script&gt;', $page);
        self::assertStringContainsString('Odd &lt;b&gt;', $page);
        self::assertStringContainsString('4.7 of 5 stars, by 6.', $page);

        // The next version is liked less: the founder is told before they ask.
        $this->says('build', '2');
        $second = $this->submit(Target::Aab, 'quay', 2);
        app(StoreDesk::class)->release($second);
        foreach ([1, 2, 1, 2, 1] as $stars) {
            $says($second, $stars, 'It does not open any more.');
        }
        Cache::flush();
        $this->artisan('lanai:voices')->assertOk();
        $found = array_column(Facts::findings($this->demo->refresh()), 'sentence', 'rule');
        self::assertStringStartsWith('In Quay people give 1.0.2 (2) 1.4 stars, and gave 4.7 to the version before', $found['StarsHaveFallen'] ?? '');
        self::assertTrue($state()['voices']['versions'][0]['fell']);

        // A store that is away, or a stranger: nothing is lost, and nothing is told.
        $this->server->stop(0);
        $answer($newest['id'], 'Once more')->assertStatus(502);
        self::assertSame('Thank you! <script>', StoreVoice::query()->findOrFail($newest['id'])->answer);
        $this->actingAs($this->stranger());
        $answer($newest['id'], 'Mine')->assertNotFound();
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

    private function submit(Target $target, string $store, int $number = 1): Submission
    {
        $submission = app(StoreDesk::class)->submit($this->built($target, $number), $store);
        $this->decided($submission);

        return $submission;
    }

    private function built(Target $target, int $number): Build
    {
        if ($number > 1) {
            $this->says('build', (string) $number);
            $this->says('version', "1.0.$number");
        }
        $version = $number > 1 ? "1.0.$number" : '1.0.0';
        $build = $this->demo
            ->builds()
            ->create(['revision_id' => $this->demo->revision->id, 'target' => $target->value, 'version' => $version, 'number' => $number, 'here' => true]);
        (new \App\Jobs\BuildPackage($build->id))->handle();

        return $build->fresh(['app', 'revision']) ?? $build;
    }

    private function handed(TestResponse $answer): Submission
    {
        $submission = Submission::query()->findOrFail($answer->json('submissions.0.id'));
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
