<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ServiceCall;
use App\Models\ServiceSecret;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Process;
use Tests\PracticeServices;
use Tests\TestCase;

/** From the documentation page to the screen: a service is begun, tried, pointed at and shown; its key is nowhere to be seen. */
final class ServicesTest extends TestCase
{
    use PracticeServices;

    private const KEY = 'practice-key-of-the-sea';

    public function test_from_a_pasted_command_to_rows_on_a_screen(): void
    {
        $draft = $this->postJson($this->at('begin'), [
            'text' => "curl 'http://127.0.0.1:".self::$port."/almanac/v1/spots?page=1&per_page=3' -H 'X-Almanac-Key: ".self::KEY."'",
        ])->assertOk();
        self::assertMeets('studio', (string) $draft->getContent(), 'Draft');
        self::assertSame('stand-in:almanac/v1', $draft->json('address'));
        self::assertStringNotContainsString(self::KEY, (string) $draft->getContent());
        $this->postJson($this->at('take'), [
            'draft' => $draft->json('draft'),
            'picked' => [0],
            'name' => 'Coast',
            'address' => $draft->json('address'),
            'base' => $this->seen(),
        ])->assertOk();
        $state = $this->getJson("/api/apps/{$this->demo->id}");
        self::assertSame('Coast', $state->json('services.3.name'));
        $name = $state->json('services.3.requests.0.name');

        $trial = $this->postJson($this->at('sandbox/try'), ['request' => $name, 'values' => []])->assertOk();
        self::assertMeets('studio', (string) $trial->getContent(), 'Trial');
        self::assertSame([200, 'Lantern Cove'], [$trial->json('answer.status'), $trial->json('answer.json.0.name')]);
        $offers = $this->postJson($this->at('sandbox/point'), ['request' => $name, 'steps' => [0, 'name']])->assertOk();
        self::assertMeets('studio', (string) $offers->getContent(), 'PointOffers');
        self::assertSame(['rows'], $offers->json('offers.*.offer'));
        $this->postJson($this->at('sandbox/pick'), ['request' => $name, 'steps' => [0, 'name'], 'offer' => 0, 'base' => $this->seen()])->assertOk();
        $state = $this->getJson("/api/apps/{$this->demo->id}");
        self::assertTrue($state->json('services.3.requests.0.many'));
        $this->postJson($this->at('sandbox/shape'), ['request' => $name, 'base' => $this->seen()])->assertOk();
        $this->postJson("/api/apps/{$this->demo->id}/edits", ['base' => $this->seen(), 'edit' => ['do' => 'makeScreens', 'request' => $name]])->assertOk();
        $screens = $this->getJson("/api/apps/{$this->demo->id}")->json('screens');
        $slug = $screens[count($screens) - 2]['slug'];

        $node = $this->shown($slug)->json('view.nodes.0');
        self::assertSame(['ready', ['Lantern Cove', 'Gannet Slip', 'Tansy Beach']], [$node['state'], array_column($node['nodes'][0]['items'], 'title')]);
        $item = $node['nodes'][0]['items'][1]['id'];
        $go = $this->postJson("/device/deck/{$this->demo->id}/do", ['screen' => $slug, 'at' => $node['nodes'][0]['at'], 'item' => $item])->json('outcome.go');
        self::assertSame(['gannet-slip'], $go['args']);
        $one = $this->shown($go['screen'], $go['args']);
        self::assertMeets('view', (string) $one->getContent());
        self::assertStringContainsString('Gannet Slip', (string) $one->getContent());
    }

    public function test_the_key_is_nowhere_but_encrypted_in_its_place(): void
    {
        $this->shown('spot', [1]);
        $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []]);
        $seen =
            (string) $this->getJson("/api/apps/{$this->demo->id}")->getContent().
            $this->get("/api/apps/{$this->demo->id}/script")->getContent().
            $this->getJson($this->at('sandbox'))->getContent().
            $this->getJson($this->at('sandbox/calls.har'))->getContent().
            $this->exported().
            $this->shown('spot', [1])->getContent().
            json_encode(ServiceCall::query()->get()->all()).
            json_encode(\App\Models\Revision::query()->get()->all()).
            json_encode(ServiceSecret::query()->get()->all());
        foreach ((new \Illuminate\Filesystem\Filesystem())->allFiles($this->folder()) as $file) {
            $seen .= $file->getContents();
        }
        $seen .= is_file(storage_path('logs/laravel.log')) ? file_get_contents(storage_path('logs/laravel.log')) : '';

        foreach ([self::KEY, 'practice-key-of-words', base64_encode(self::KEY), rawurlencode(self::KEY)] as $secret) {
            self::assertStringNotContainsString($secret, $seen);
        }
        self::assertSame(self::KEY, ServiceSecret::of($this->demo, \App\Records\DataSet::Live, 'almanac')?->secret);
        self::assertSame('…-sea', $this->getJson($this->at('sandbox'))->json('services.0.secret'));
        self::assertMeets('studio', (string) $this->getJson($this->at('sandbox'))->getContent(), 'ServiceBook');
    }

    public function test_a_service_that_says_the_key_back_is_not_heard(): void
    {
        Http::fake(fn ($request) => Http::response(['you' => $request->header('X-Almanac-Key')[0], 'also' => base64_encode(':'.self::KEY)]));
        $trial = $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []])->assertOk();

        self::assertSame(['••••', '••••'], [$trial->json('answer.json.you'), $trial->json('answer.json.also')]);
    }

    public function test_the_archive_of_calls_meets_its_format(): void
    {
        $this->shown('spot', [1]);
        $har = $this->getJson($this->at('sandbox/calls.har'))->assertOk()->json('log');

        // The schema of HAR 1.2 in the npm package har-schema.
        $judged = json_decode(
            Process::path(base_path())
                ->input((string) $this->getJson($this->at('sandbox/calls.har'))->getContent())
                ->run(['node', 'tests/reference/har.mjs'])
                ->throw()
                ->output(),
            true,
        );
        self::assertSame([true, []], [$judged['valid'], $judged['errors']]);
        self::assertSame(['1.2', 'Lanai'], [$har['version'], $har['creator']['name']]);
        foreach ($har['entries'] as $entry) {
            self::assertSame($entry['time'], array_sum($entry['timings']));
        }
        self::assertContains(['name' => 'days', 'value' => '7'], $har['entries'][0]['request']['queryString']);
    }

    public function test_each_failure_is_explained_in_the_terms_of_the_job(): void
    {
        foreach (
            [
                '401' => ['does not know the key (401). It was sent in the header “X-Almanac-Key”', 'It asks for “Key realm='],
                '429' => ['asked too often (429). It may be asked again in 20 seconds'],
                '500' => ['a fault of its own (500)'],
                'cut' => ['broke off'],
                'malformed' => ['says that it answers in JSON, but this is not JSON'],
                'html' => ['a page for people, not with JSON: “Sign in'],
            ] as $mode => $sentences
        ) {
            $this->practise('almanac', (string) $mode);
            Cache::flush();
            $trouble = $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []])
                ->assertOk()
                ->json('trouble');
            foreach ($sentences as $sentence) {
                self::assertStringContainsString($sentence, $trouble);
            }
            Cache::flush();
            $node = $this->shown('spot', [1])->json('view.nodes.4');
            self::assertSame(['failed', 'The sea does not answer just now.'], [$node['state'], $node['said']], (string) $mode);
        }
        $this->practise();
        self::assertStringContainsString(
            'names there differ by capital letters, too. Its own words: “There is no spot',
            $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => ['spot' => 'Nowhere']])->json('trouble'),
        );
        $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []]);
        self::assertStringContainsString(
            '“Lantern-Cove” is “lantern-cove” in what came so far, and capital letters count.',
            $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => ['spot' => 'Lantern-Cove']])->json('trouble'),
        );
        ServiceSecret::query()->where('service', 'Almanac')->delete();
        self::assertStringContainsString(
            'no key is kept. The header “X-Almanac-Key” is empty',
            $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []])->json('trouble'),
        );
    }

    public function test_an_answer_is_kept_as_long_as_the_service_says_and_stands_in_when_it_fails(): void
    {
        $before = $this->asked('almanac');
        $this->shown('spot', [1]);
        $this->shown('spot', [1]);
        self::assertSame($before + 1, $this->asked('almanac'));

        $this->travel(301)->seconds();
        $this->stale();
        $this->practise('almanac', '500');
        $node = $this->shown('spot', [1])->json('view.nodes.4');
        self::assertSame('ready', $node['state']);
        self::assertStringContainsString('It cannot be fetched anew just now.', $node['said']);
    }

    public function test_what_has_not_changed_is_not_sent_again(): void
    {
        $this->shown('spot', [1]);
        $this->stale();
        $this->shown('spot', [1]);

        self::assertSame([200, 304], ServiceCall::query()->where('service', 'Almanac')->orderBy('id')->pluck('status')->all());
        self::assertSame('ready', $this->shown('spot', [1])->json('view.nodes.4.state'));
        // A try shows the whole answer, whatever is kept.
        self::assertSame(
            [200, 'Lantern Cove'],
            array_values(
                array_intersect_key(
                    ($tried = $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []]))->json('answer') + [
                        'name' => $tried->json('answer.json.spot.name'),
                    ],
                    ['status' => 1, 'name' => 1],
                ),
            ),
        );
    }

    public function test_a_question_that_does_no_harm_is_asked_again_and_another_is_not(): void
    {
        $this->edit(
            "service Flaky is at \"http://93.184.216.34\"\n  request Reading is GET \"/now\", giving one Reading found\n"
                ."    Value is a whole number, at \"value\"\n  request Order is POST \"/orders\", giving one Order made, sending JSON\n"
                    .'    sends in the body "a" = 1',
        );
        Http::fakeSequence()
            ->push('', 500)
            ->push('', 503)
            ->push(['value' => 7]);
        self::assertSame('ready', $this->ask('Reading')->json('view.nodes.0.state'));
        self::assertSame([500, 503, 200], ServiceCall::query()->where('request', 'Reading')->orderBy('id')->pluck('status')->all());
        Http::swap(new \Illuminate\Http\Client\Factory());
        Http::fake(['*' => Http::response('', 500)]);
        $this->postJson($this->at('sandbox/try'), ['request' => 'Order', 'values' => []]);
        self::assertSame(1, ServiceCall::query()->where('request', 'Order')->count());
    }

    public function test_pages_come_by_number_by_cursor_and_by_link(): void
    {
        foreach (
            [
                'linked' => [
                    'request Spot list is GET "/spots", giving each Spot listed, paged by the Link header',
                    '  sends the query "per_page" = 4',
                    'Spot list',
                    '"name"',
                    14,
                ],
                'numbered' => [
                    'request Spot list is GET "/spots", giving each Spot listed, paged by number in "page"',
                    '  sends the query "per_page" = 4',
                    'Spot list',
                    '"name"',
                    14,
                ],
                'cursor' => [
                    'request Buoys is GET "/stations", giving each Buoy, found at "data", paged by the cursor at "next" in "cursor"',
                    '  sends the query "limit" = 8',
                    'Buoys',
                    '"name"',
                    30,
                ],
            ] as $case => [$request, $sends, $table, $way, $all]
        ) {
            Cache::flush();
            $this->demo = $this->demo->fresh(['revision']) ?? $this->demo;
            $this->edit(
                "service Paged $case is at \"stand-in:almanac/v1\"\n  signs in with a key in the header \"X-Almanac-Key\"\n  ".
                    str_replace([$table, 'Spot listed', 'Buoy,'], ["$table $case", "Spot listed $case", "Buoy $case,"], $request).
                    "\n  $sends\n    Name is a text, at \"name\"",
                "screen Paged $case\n  From $table $case\n    List of $table $case, showing 6\n      shows name as title\n      when empty: \"None.\"",
            );
            ServiceSecret::query()->create(['app_id' => $this->demo->id, 'dataset' => 'sandbox', 'service' => "Paged $case", 'secret' => self::KEY]);
            $at = $this->shown("paged-$case")->json('view.nodes.0.nodes.0.at');
            $seen = [];
            foreach ([1, 2, 4, 8] as $pages) {
                $list = $this->shown("paged-$case", [], ['pages' => [$at => $pages]])->json('view.nodes.0.nodes.0');
                self::assertCount(min($all, 6 * $pages), $list['items'], "$case $pages");
                self::assertSame(6 * $pages < $all, $list['more'], "$case $pages");
                $seen = array_column($list['items'], 'title');
            }
            self::assertCount($all, array_unique($seen), $case);
        }
    }

    public function test_limits_hold_for_a_minute_for_a_person_and_for_a_day(): void
    {
        $this->edit(
            "service Narrow is at \"stand-in:almanac/v1\", with at most 2 calls a minute, in all at most 3 a day\n"
                ."  when that is enough: \"Enough for now.\"\n  signs in with a key in the header \"X-Almanac-Key\"\n"
                    ."  request Warnings is GET \"/spots/{spot}/warnings\", giving one Warning told\n    takes Spot is a text\n    Spot is a text, at \"spot\"",
            "screen Narrow, about one Spot\n  From Warnings with Spot = spot.code\n    Text \"{warnings.spot}\"",
        );
        ServiceSecret::query()->create(['app_id' => $this->demo->id, 'dataset' => 'sandbox', 'service' => 'Narrow', 'secret' => self::KEY]);
        self::assertSame(['ready', 'ready', 'failed'], array_map(fn (int $n): string => $this->shown('narrow', [$n])->json('view.nodes.0.state'), [1, 2, 3]));
        self::assertSame('Many people are asking just now. Please try again in a moment.', $this->shown('narrow', [4])->json('view.nodes.0.said'));
        $this->travel(61)->seconds();
        self::assertSame('ready', $this->shown('narrow', [4])->json('view.nodes.0.state'));
        self::assertSame(
            ['failed', 'Enough for now.'],
            array_values(array_intersect_key($this->shown('narrow', [5])->json('view.nodes.0'), ['state' => 1, 'said' => 1])),
        );
    }

    public function test_every_way_of_signing_in_opens_the_door(): void
    {
        foreach (
            [
                ['bearer', 'signs in with a bearer token', '', 'practice-token-of-the-sea'],
                ['basic', 'signs in with a name and password', 'keeper', 'practice-password-of-the-sea'],
                ['v1', 'signs in with a key in the query "key"', '', self::KEY],
                ['oauth', 'signs in with client credentials at "stand-in:almanac/oauth/token"', 'saltlark', 'practice-client-of-the-sea'],
            ] as [$way, $sentence, $name, $secret]
        ) {
            $this->edit(
                "service By $way is at \"stand-in:almanac/$way\"\n  $sentence\n  request "
                    ."Spots by $way is GET \"/spots\", giving each Spot by $way\n    Name is a text, at \"name\"",
            );
            self::assertSame(401, $this->postJson($this->at('sandbox/try'), ['request' => "Spots by $way", 'values' => []])->json('answer.status'), $way);
            $this->postJson($this->at('sandbox/secret'), ['service' => "By $way", 'name' => $name, 'secret' => $secret])->assertOk();
            self::assertSame(
                [200, 10],
                array_values(
                    array_intersect_key(
                        $this->postJson($this->at('sandbox/try'), ['request' => "Spots by $way", 'values' => []])->json('answer') + ['rows' => 10],
                        ['status' => 1, 'rows' => 1],
                    ),
                ),
                $way,
            );
            $this->deleteJson($this->at('sandbox/secret').'?service='.rawurlencode("By $way"))->assertOk();
            self::assertSame(401, $this->postJson($this->at('sandbox/try'), ['request' => "Spots by $way", 'values' => []])->json('answer.status'), $way);
        }
    }

    public function test_a_request_can_be_asked_without_the_key_of_its_service(): void
    {
        $this->edit(
            "service Mixed is at \"stand-in:almanac/bearer\"\n  signs in with a bearer token\n"
                ."  request Open spots is GET \"/spots\", giving each Open spot, without signing in\n    Name is a text, at \"name\"\n"
                    ."  request Kept spots is GET \"/spots\", giving each Kept spot\n    Name is a text, at \"name\"",
        );
        $this->postJson($this->at('sandbox/secret'), ['service' => 'Mixed', 'secret' => 'practice-token-of-the-sea'])->assertOk();
        $try = fn (string $request): array => $this->postJson($this->at('sandbox/try'), ['request' => $request, 'values' => []])->json();
        [$open, $kept] = [$try('Open spots'), $try('Kept spots')];

        self::assertSame(
            [401, '', 200, 'the header “Authorization”, as “Bearer” and the token'],
            [$open['answer']['status'], $open['sent']['signs'], $kept['answer']['status'], $kept['sent']['signs']],
        );
        self::assertSame([], $open['signing']);
    }

    public function test_a_token_that_is_not_given_says_where_to_look(): void
    {
        $this->edit(
            "service Tokens is at \"stand-in:almanac/oauth\"\n  signs in with client credentials at \"stand-in:almanac/oauth/token\"\n"
                ."  request Spots by token is GET \"/spots\", giving each Spot by token\n    Name is a text, at \"name\"",
        );
        $this->postJson($this->at('sandbox/secret'), ['service' => 'Tokens', 'name' => 'saltlark', 'secret' => 'not the right one'])->assertOk();
        $trial = $this->postJson($this->at('sandbox/try'), ['request' => 'Spots by token', 'values' => []]);

        self::assertSame(
            'No token came from “stand-in:almanac/oauth/token” (401), so Tokens was asked without one (401). Check that address, the client id '
                .'and the client secret. Its own words: “invalid_client”',
            $trial->json('trouble'),
        );
    }

    public function test_cookies_of_a_service_are_not_kept(): void
    {
        Http::fake(['*' => Http::response(['ok' => true], 200, ['Set-Cookie' => 'session=of-nobody-else'])]);
        $trial = $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []]);

        self::assertSame('••••', $trial->json('answer.headers.set-cookie'));
        self::assertStringNotContainsString('of-nobody-else', $trial->getContent().$this->getJson($this->at('sandbox/calls.har'))->getContent());
    }

    public function test_sandbox_and_live_have_keys_of_their_own(): void
    {
        $this->postJson($this->at('sandbox/secret'), ['service' => 'Almanac', 'secret' => 'another'])->assertOk();

        self::assertSame(
            [401, 200],
            array_map(fn (string $set): int => $this->postJson($this->at("$set/try"), ['request' => 'Conditions', 'values' => []])->json('answer.status'), [
                'sandbox',
                'live',
            ]),
        );
    }

    public function test_answers_that_change_their_shape_become_findings(): void
    {
        $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []]);
        $this->postJson($this->at('sandbox/shape'), ['request' => 'Conditions', 'base' => $this->seen()])->assertOk();
        self::assertSame([], $this->broken());
        Http::fake(['*' => Http::response(['water' => ['celsius' => 'cold'], 'days' => []])]);
        $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions', 'values' => []]);

        self::assertCount(1, $this->broken());
        self::assertStringContainsString('“spot” was always there and is missing now.', $this->broken()[0]);
    }

    public function test_a_key_that_is_typed_into_the_app_is_found(): void
    {
        $this->edit(
            "service Typed is at \"https://x.example\"\n  request Typed answer is GET \"/a\"\n    sends the header \"X-Api-Key\" = \"hunter22\"\n"
                .'    sends the query "note" = "sk-live-Abc123Def456Ghi789"',
        );
        $found = array_values(
            array_filter($this->getJson("/api/apps/{$this->demo->id}")->json('findings'), fn (array $f): bool => str_ends_with($f['rule'], 'SecretTyped')),
        );

        self::assertCount(2, $found);
        self::assertTrue($found[0]['blocks']);
    }

    public function test_a_table_is_kept_in_step_and_what_would_change_is_seen_first(): void
    {
        $this->edit(
            "service Listing is at \"stand-in:almanac/v1\"\n  signs in with a key in the header \"X-Almanac-Key\"\n"
                ."  request Listed spots is GET \"/spots\", giving each Listed spot, paged by the Link header\n"
                    ."    sends the query \"per_page\" = 5\n    Name is a text, at \"name\"\n    Code is a text, at \"code\"\n"
                        .'    Lies is a place, at "place"',
        );
        ServiceSecret::query()->create(['app_id' => $this->demo->id, 'dataset' => 'sandbox', 'service' => 'Listing', 'secret' => self::KEY]);
        $plan = $this->postJson($this->at('sandbox/step'), ['request' => 'Listed spots', 'table' => 'Spots', 'key' => 'Code'])->assertOk();
        self::assertMeets('studio', (string) $plan->getContent(), 'StepPlan');
        self::assertSame(
            [8, 0, 0, 6],
            [$plan->json('added'), $plan->json('changed'), $plan->json('gone'), $plan->json('same')],
            (string) $plan->getContent(),
        );
        $this->postJson("/api/apps/{$this->demo->id}/edits", [
            'base' => 9999,
            'edit' => [
                'do' => 'write',
                'list' => '/routines',
                'text' => "routine Update spots, every day, at the time \"04:00\"\n  keep Spots as Listed spots, matched by Code",
            ],
        ])->assertOk();
        $this->postJson("/api/apps/{$this->demo->id}/routines/sandbox/now", ['routine' => 'Update spots'])->assertOk();

        self::assertSame(
            [0, 14],
            [
                $this->postJson($this->at('sandbox/step'), ['request' => 'Listed spots', 'table' => 'Spots', 'key' => 'Code'])->json('added'),
                count($this->shown('spots')->json('view.nodes.0.items')),
            ],
        );
        $this->postJson($this->at('sandbox/step'), ['request' => 'Listed spots', 'table' => 'Spots', 'key' => 'Nothing'])->assertUnprocessable();
    }

    public function test_what_pictures_will_cost_is_told_before_they_are_drawn(): void
    {
        $preview = $this->postJson($this->at('sandbox/preview'), ['request' => 'Badge', 'values' => []])->assertOk();
        self::assertMeets('studio', (string) $preview->getContent(), 'Trial');
        self::assertSame(['0.02 EUR', '0.04 EUR', '0.06 EUR', '0.08 EUR'], $preview->json('forecast.0.costs'));
        self::assertSame(['0.02 EUR', '0.04 EUR', '0.08 EUR'], $preview->json('forecast.*.costs.0'));
        self::assertSame('', $preview->json('forecast.0.seconds.0'));
        $this->postJson($this->at('sandbox/try'), ['request' => 'Badge', 'values' => []])->assertOk();
        $seconds = $this->postJson($this->at('sandbox/preview'), ['request' => 'Badge', 'values' => []])->json('forecast.*.seconds.3');

        self::assertCount(3, array_filter($seconds));
        self::assertGreaterThan((float) $seconds[0], (float) $seconds[2]);
    }

    public function test_the_other_stand_ins_are_not_for_apps_and_nobody_is_led_to_one(): void
    {
        $this->edit(
            'service Nosy is at "stand-in:letterbox"'.
                "\n  request Letters is GET \"/letters.json\", giving each Letter read\n    Subject is a text, at \"subject\"\n"
                    .'  request Climbing is GET "http://127.0.0.1:'.
                self::$port.
                '/almanac/%2e%2e/letterbox/letters.json", giving one Climb',
        );
        foreach (['Letters', 'Climbing'] as $request) {
            self::assertStringContainsString(
                'not for apps',
                $this->postJson($this->at('sandbox/try'), ['request' => $request, 'values' => []])->json('trouble'),
            );
        }
        $this->edit('service Leading is at "http://93.184.216.34"'."\n  request Led is GET \"/\", giving one Led on");
        Http::fake(['*' => Http::response('', 302, ['Location' => 'http://127.0.0.1:'.self::$port.'/letterbox/letters.json'])]);
        self::assertStringContainsString(
            'asked by its name only',
            $this->postJson($this->at('sandbox/try'), ['request' => 'Led', 'values' => []])->json('trouble'),
        );
        self::assertCount(1, Http::recorded());
    }

    public function test_a_list_reads_on_in_the_way_that_its_answer_showed(): void
    {
        $this->edit(
            "service Listing is at \"stand-in:almanac/v1\"\n  signs in with a key in the header \"X-Almanac-Key\"\n"
                ."  request Listed spots is GET \"/spots\", giving each Listed spot\n    sends the query \"per_page\" = 5\n    Name is a text, at \"name\"",
            "screen Listed\n  From Listed spots\n    List of Listed spots\n      shows name as title\n      when empty: \"None.\"",
        );
        ServiceSecret::query()->create(['app_id' => $this->demo->id, 'dataset' => 'sandbox', 'service' => 'Listing', 'secret' => self::KEY]);
        self::assertCount(5, $this->shown('listed')->json('view.nodes.0.nodes.0.items'));
        $trial = $this->postJson($this->at('sandbox/try'), ['request' => 'Listed spots', 'values' => []])->assertOk();
        self::assertMeets('studio', (string) $trial->getContent(), 'Trial');
        self::assertSame(['Read on by the Link header'], $trial->json('further'));
        $this->postJson($this->at('sandbox/further'), ['request' => 'Listed spots', 'way' => 3, 'base' => $this->seen()])->assertUnprocessable();
        $this->postJson($this->at('sandbox/further'), ['request' => 'Listed spots', 'way' => 0, 'base' => $this->seen()])->assertOk();
        Cache::flush();

        self::assertCount(14, $this->shown('listed')->json('view.nodes.0.nodes.0.items'));
    }

    public function test_an_address_is_looked_up_once_for_a_document_or_an_example(): void
    {
        self::assertSame(
            [6, 'stand-in:almanac/v1'],
            [
                count(($read = $this->postJson($this->at('begin'), ['text' => 'stand-in:almanac/v1/openapi.json'])->assertOk())->json('requests')),
                $read->json('address'),
            ],
        );
        Http::fake([
            '93.184.216.34/v1/*' => Http::response(['data' => [['id' => 1, 'name' => 'Cove']], 'next' => null]),
            '93.184.216.35/*' => Http::response('', 401),
            '93.184.216.36/*' => Http::response(
                "openapi: 3.1.0\ninfo: {title: Tides, version: '1'}\nservers: [{url: /v2}]\npaths: {/ports: {get: {responses: {}}}}",
            ),
            '*' => Http::response('<p>Hello</p>'),
        ]);
        foreach (
            [
                ['http://93.184.216.34/v1/ports', 'It has answered, so its parts are known.', 2, true],
                ['http://93.184.216.35/ports', 'It wants to know who calls (401)', 0, false],
                ['http://93.184.216.36/docs', '', 0, false],
                ['http://93.184.216.37/', 'It did not answer with JSON.', 0, false],
                ['http://10.0.0.1/v1/ports', 'inside a private network', 0, false],
                ['http://127.0.0.1:'.self::$port.'/letterbox/letters.json', 'not for apps', 0, false],
            ] as [$address, $note, $parts, $many]
        ) {
            $draft = $this->postJson($this->at('begin'), ['text' => $address])->assertOk();
            self::assertMeets('studio', (string) $draft->getContent(), 'Draft');
            self::assertStringContainsString($note, $draft->json('note'), $address);
            self::assertSame([$parts, $many], [$draft->json('requests.0.parts'), $draft->json('requests.0.many')], $address);
        }
        self::assertSame('http://93.184.216.36/v2', $this->postJson($this->at('begin'), ['text' => 'http://93.184.216.36/docs'])->json('address'));
        self::assertStringContainsString(
            'not an OpenAPI document',
            $this->postJson($this->at('begin'), ['text' => 'http://93.184.216.37/openapi.json'])
                ->assertUnprocessable()
                ->json('message'),
        );
        self::assertSame(
            'POST',
            $this->postJson($this->at('begin'), [
                'text' => "POST /v1/orders HTTP/1.1\nHost: shop.example\nContent-Type: application/json\n\n{\"sku\": \"cap\"}",
            ])
                ->assertOk()
                ->json('requests.0.method'),
        );
    }

    public function test_others_do_not_reach_the_services_of_an_app(): void
    {
        $this->actingAs($this->stranger());
        foreach (['sandbox', 'sandbox/calls.har'] as $path) {
            $this->getJson($this->at($path))->assertNotFound();
        }
        $this->postJson($this->at('sandbox/try'), ['request' => 'Conditions'])->assertNotFound();
        $this->postJson($this->at('sandbox/secret'), ['service' => 'Almanac', 'secret' => 'x'])->assertNotFound();
    }

    public function test_a_service_inside_a_private_network_is_not_called(): void
    {
        $this->edit(
            "service Inside is at \"http://169.254.169.254\"\n  request Metadata is GET \"/latest\", giving one Metadata found\n"
                .'    Value is a text, at "value"',
        );

        self::assertStringContainsString(
            'inside a private network',
            $this->postJson($this->at('sandbox/try'), ['request' => 'Metadata', 'values' => []])->json('trouble'),
        );
    }

    /** Every table as it leaves the app, in all formats. */
    private function exported(): string
    {
        $all = '';
        foreach ($this->demo->revision->read()->tables as $table) {
            foreach (['csv', 'json', 'sqlite'] as $format) {
                $all .= $this->get("/api/apps/{$this->demo->id}/rows/sandbox/{$table->storedAs()}/export?as=$format")
                    ->assertOk()
                    ->streamedContent();
            }
        }

        return $all;
    }

    /** The revision that the founder sees now. */
    private function seen(): int
    {
        return $this->demo->refresh()->revision->number;
    }

    private function at(string $path): string
    {
        return "/api/apps/{$this->demo->id}/services/$path";
    }

    /** @param  list<int|string>  $args  @param  array<string, mixed>  $more */
    private function shown(string $screen, array $args = [], array $more = []): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/device/deck/{$this->demo->id}/view", ['screen' => $screen, 'args' => $args, 'waits' => true] + $more)->assertOk();
    }

    private function ask(string $request): \Illuminate\Testing\TestResponse
    {
        $this->edit('', "screen Asks $request\n  From $request\n    Text \"there\"");

        return $this->shown('asks-'.strtolower($request));
    }

    private function edit(string $service, string $screen = ''): void
    {
        foreach (['/services' => $service, '/screens' => $screen] as $at => $text) {
            if ($text !== '') {
                $this->postJson("/api/apps/{$this->demo->id}/edits", [
                    'base' => 9999,
                    'edit' => ['do' => 'write', 'list' => $at, 'text' => $text],
                ])->assertOk();
            }
        }
    }

    /** @return list<string> */
    private function broken(): array
    {
        return array_column(
            array_values(
                array_filter(
                    $this->getJson("/api/apps/{$this->demo->id}")->json('findings'),
                    fn (array $f): bool => str_ends_with($f['rule'], 'AnswerOutOfShape'),
                ),
            ),
            'sentence',
        );
    }

    /** Makes what is kept old. */
    private function stale(): void
    {
        $this->demo->refresh();
        $blueprint = $this->demo->revision->read();
        $store = new \App\Records\EloquentRecordStore($this->demo, \App\Records\DataSet::Sandbox, $blueprint);
        $moment = new \Lanai\Core\Formula\Moment(new \DateTimeImmutable(), new \DateTimeZone('UTC'));
        $trail = \Lanai\Core\Play\Trail::none();
        $answers = new \Lanai\Core\Services\Answers(
            new \App\Services\ServiceDesk($this->demo, \App\Records\DataSet::Sandbox),
            new \Lanai\Core\Services\RowsMade($blueprint),
            new \Lanai\Core\Play\Visit($moment),
            $trail,
        );
        $scene = new \Lanai\Core\Play\Scene($blueprint, $store, new \Lanai\Core\Rows\Reader($store), $moment, $trail, beside: [$answers::class => $answers]);
        $call = \Lanai\Core\Services\Call::to('Conditions', [new \Lanai\Core\Services\Argument('Spot', '"lantern-cove"')], $scene);
        $key = "answer:{$this->demo->id}:sandbox:".sha1('Almanac').':'.$call->key();
        $kept = Cache::get($key);
        self::assertIsArray($kept);
        Cache::put($key, ['until' => 0] + $kept, 86400);
    }
}
