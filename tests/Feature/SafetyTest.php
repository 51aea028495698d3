<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\OwnAddress;
use App\Models\App;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class SafetyTest extends TestCase
{
    public function test_pages_load_only_from_here_and_are_framed_only_from_here(): void
    {
        $policy = (string) $this->get('/')->assertOk()->headers->get('Content-Security-Policy');

        foreach (["default-src 'self'", "frame-ancestors 'self'", "object-src 'none'", "base-uri 'self'"] as $part) {
            self::assertStringContainsString($part, $policy);
        }
        self::assertStringNotContainsString("script-src 'unsafe", $policy);
    }

    public function test_a_packaged_app_may_call_live_from_its_own_origin_but_not_the_studio(): void
    {
        $app = $this->demo();
        $origin = ['Origin' => 'https://app.lanai.invalid'];

        $this->postJson('/device/live/saltlark/view', [], $origin)
            ->assertOk()
            ->assertHeader('Access-Control-Allow-Origin', '*')
            ->assertHeaderMissing('Access-Control-Allow-Credentials');
        $this->actingAs($this->founderOf($app))
            ->getJson("/api/apps/$app->id", $origin)
            ->assertOk()
            ->assertHeaderMissing('Access-Control-Allow-Origin');
        $this->getJson("/device/share/$app->share_code/pulse", $origin)->assertHeaderMissing('Access-Control-Allow-Origin');
    }

    public function test_signing_in_cannot_be_tried_for_ever(): void
    {
        for ($i = 0; $i < 10; $i++) {
            $this->postJson('/api/session', ['email' => 'a@founders.example', 'password' => "guess $i"])->assertUnprocessable();
        }
        $this->postJson('/api/session', ['email' => 'a@founders.example', 'password' => 'guess'])
            ->assertTooManyRequests()
            ->assertJsonPath('message', 'That was too often in a short time. Please wait a minute and try again.');
    }

    public function test_nothing_that_is_sent_back_holds_a_secret(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app))
            ->postJson("/api/apps/$app->id/builds", ['target' => 'apk', 'here' => true])
            ->assertStatus(202);
        $key = $app->signingKey()->firstOrFail();
        foreach (
            [
                "/api/apps/$app->id",
                "/api/apps/$app->id/release",
                '/api/session',
                '/api/apps',
                "/api/apps/$app->id/revisions",
                "/api/apps/$app->id/script",
            ] as $path
        ) {
            $body = (string) $this->get($path)->assertOk()->getContent();
            foreach ([$key->password, substr($key->store, 0, 40), (string) config('lanai.stores.quay.token'), (string) config('app.key')] as $secret) {
                self::assertStringNotContainsString($secret, $body, $path);
            }
        }
    }

    public function test_an_app_that_is_not_live_is_not_there_for_users(): void
    {
        $this->actingAs($this->stranger());
        $id = $this->postJson('/api/apps', ['name' => 'Hidden'])->json('id');
        $app = App::query()->findOrFail($id);

        $this->postJson("/device/live/$app->slug/view")->assertNotFound();
        $this->get("/a/$app->slug")->assertNotFound();
        $this->postJson("/device/deck/$id/view", ['set' => 'live'])->assertNotFound();
        $this->getJson("/api/apps/$id/rows/live/anything")->assertNotFound();
    }

    public function test_two_apps_of_one_name_have_addresses_of_their_own(): void
    {
        $this->actingAs($this->stranger());
        $slugs = array_map(fn (): string => App::query()->findOrFail($this->postJson('/api/apps', ['name' => 'Tides'])->json('id'))->slug, range(1, 3));

        self::assertCount(3, array_unique($slugs));
        self::assertSame('tides', $slugs[0]);
    }

    #[TestWith(['https://lanai.example', 'https://lanai.example'])]
    #[TestWith(['http://192.168.1.7:8000', 'http://192.168.1.7:8000'])]
    #[TestWith(['http://localhost.example:8000', 'http://localhost.example:8000'])]
    public function test_an_address_that_phones_can_reach_is_left_alone(string $asked, string $given): void
    {
        self::assertSame($given, OwnAddress::forPhones($asked));
    }

    public function test_a_loopback_address_becomes_one_in_the_network_where_there_is_one(): void
    {
        self::assertMatchesRegularExpression('~^http://(localhost|\d+\.\d+\.\d+\.\d+):8000$~', OwnAddress::forPhones('http://localhost:8000'));
        self::assertStringNotContainsString('127.', OwnAddress::forPhones('http://localhost:8000'));
    }

    public function test_edits_are_validated(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        foreach (
            [
                ['edit' => ['do' => 'dance'], 'base' => 1],
                ['base' => 1],
                ['base' => 1, 'edit' => ['do' => 'putRight', 'label' => '', 'operations' => []]],
                ['edit' => ['do' => 'fill', 'at' => '/screens/0/title', 'text' => '']],
                ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '../x', 'text' => '']],
                ['base' => 1, 'edit' => ['do' => 'move', 'places' => ['/screens/0'], 'index' => -1]],
            ] as $edit
        ) {
            $this->postJson("/api/apps/$app->id/edits", $edit)
                ->assertUnprocessable()
                ->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'could not be understood'));
        }
        $this->postJson("/api/apps/$app->id/edits", ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '/screens/99/title', 'text' => 'x']])
            ->assertConflict()
            ->assertJsonPath('message', 'This blank is no longer there.');
    }
}
