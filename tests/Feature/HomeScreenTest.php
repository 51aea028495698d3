<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use Tests\TestCase;

/** What a live app needs to be put on the home screen. */
final class HomeScreenTest extends TestCase
{
    public function test_a_live_app_has_a_manifest_icons_and_a_worker_of_its_own(): void
    {
        $app = $this->demo();
        $at = "/a/$app->slug";
        $page = (string) $this->get($at)->assertOk()->getContent();
        self::assertStringContainsString("<link rel=\"manifest\" href=\"$at/manifest.webmanifest\">", $page);

        $manifest = $this->get("$at/manifest.webmanifest")->assertOk()->assertHeader('Content-Type', 'application/manifest+json')->json();
        self::assertSame([$at, $at, 'standalone'], [$manifest['start_url'], $manifest['scope'], $manifest['display']]);
        // Web Application Manifest, "Purpose": one of each; 192 and 512 are common practice, no source.
        self::assertSame(['192x192 any', '512x512 any', '192x192 maskable', '512x512 maskable'], array_map(
            fn (array $icon): string => "{$icon['sizes']} {$icon['purpose']}",
            $manifest['icons'],
        ));
        foreach ($manifest['icons'] as $icon) {
            [$width, $height, $type] = (array) getimagesizefromstring((string) $this->get("$at/{$icon['src']}")->assertOk()->getContent());
            self::assertSame([$icon['sizes'], IMAGETYPE_PNG], ["{$width}x{$height}", $type]);
        }

        $worker = $this->get("$at/sw.js")->assertOk();
        // Service Workers, section 5.1 of the W3C text: without this header a script works only for what lies below it.
        $worker->assertHeader('Service-Worker-Allowed', $at);
        self::assertStringNotContainsString('{{', (string) $worker->getContent());
        self::assertMatchesRegularExpression('~"/build/device/assets/main-[\w-]+\.js"~', (string) $worker->getContent());
    }

    public function test_only_what_is_live_has_them(): void
    {
        $app = $this->demo();
        self::assertStringNotContainsString('rel="manifest"', (string) $this->get("/s/$app->share_code")->assertOk()->getContent());
        $this->get('/a/nowhere-at-all/sw.js')->assertNotFound();
        $app->update(['live_revision_id' => null]);
        foreach (['manifest.webmanifest', 'sw.js', 'icons/any-192.png'] as $file) {
            $this->get("/a/$app->slug/$file")->assertNotFound();
        }
        // Other sizes are not painted for whoever asks.
        $page = (string) $this->get("/a/$app->slug/icons/any-9999.png")->getContent();
        self::assertStringNotContainsString('PNG', substr($page, 0, 8));
    }

    /** Of Digital Asset Links: statements of a relation and a target, for Android a package and the SHA-256 of its certificate with colons. */
    public function test_links_of_a_live_app_open_in_its_package_alone(): void
    {
        $app = $this->demo();
        self::assertSame([], $this->get('/.well-known/assetlinks.json')->assertOk()->json());
        $app->signingKey()->create(['store' => 'x', 'password' => 'x', 'fingerprint' => str_repeat('0a', 31).'ff']);
        self::assertSame(
            [
                [
                    'relation' => ['delegate_permission/common.handle_all_urls'],
                    'target' => [
                        'namespace' => 'android_app',
                        'package_name' => 'com.saltlark.companion',
                        'sha256_cert_fingerprints' => [str_repeat('0A:', 31).'FF'],
                    ],
                ],
            ],
            $this->get('/.well-known/assetlinks.json')->json(),
        );
        $app->update(['live_revision_id' => null]);
        self::assertSame([], $this->get('/.well-known/assetlinks.json')->json());
    }
}
