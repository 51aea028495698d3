<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Models\ServiceSecret;
use App\Models\SigningKey;
use App\Packaging\BuildCancelled;
use App\Packaging\Packager;
use App\Packaging\Target;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use ZipArchive;

/** The packages are read back with the platform's own tools: apksigner, aapt, aapt2, jarsigner, zipalign. */
final class PackagesTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
    }

    public function test_the_android_package_is_aligned_signed_and_says_what_it_is(): void
    {
        $file = $this->make(Target::Apk);

        self::assertStringContainsString(
            'Verified using v2 scheme (APK Signature Scheme v2): true',
            $this->run_(['apksigner', 'verify', '-v', '--min-sdk-version', '24', $file]),
        );
        $this->run_(['zipalign', '-c', '-p', '4', $file]);
        // Phones with Android 11 and later do not install it otherwise.
        self::assertMatchesRegularExpression('/resources\.arsc \(OK\)/', $this->run_(['zipalign', '-c', '-v', '4', $file]));
        self::assertSame(ZipArchive::CM_STORE, $this->stat($file, 'resources.arsc')['comp_method']);
        self::assertSame(ZipArchive::CM_DEFLATE, $this->stat($file, 'classes.dex')['comp_method']);
        $badging = $this->run_(['aapt', 'dump', 'badging', $file]);
        foreach (
            [
                "package: name='com.saltlark.companion' versionCode='1' versionName='1.0.0'",
                "sdkVersion:'24'",
                "targetSdkVersion:'36'",
                "application-label:'Saltlark'",
                "launchable-activity: name='app.lanai.shell.MainActivity'",
                "uses-permission: name='android.permission.INTERNET'",
            ] as $line
        ) {
            self::assertStringContainsString($line, $badging);
        }
        self::assertSame(5, substr_count($badging, 'uses-permission: name='), 'A map of it marks where one is, and it fetches its messages.');
        foreach (['mdpi' => 48, 'hdpi' => 72, 'xhdpi' => 96, 'xxhdpi' => 144, 'xxxhdpi' => 192] as $density => $side) {
            self::assertSame(
                [$side, $side],
                array_slice((array) getimagesizefromstring($this->inside($file, "res/mipmap-$density-v4/ic_launcher.png")), 0, 2),
                $density,
            );
        }
        self::assertStringContainsString('https', $this->inside($file, 'classes.dex'));
        self::assertStringContainsString('/device/live/saltlark', $this->inside($file, 'assets/www/index.html'));
    }

    public function test_the_store_bundle_holds_what_a_store_makes_packages_from(): void
    {
        $file = $this->make(Target::Aab);

        self::assertStringContainsString('jar verified', $this->run_(['jarsigner', '-verify', $file]));
        $proto = $this->folder().'/proto.apk';
        $from = new ZipArchive();
        $to = new ZipArchive();
        $from->open($file);
        $to->open($proto, ZipArchive::CREATE);
        foreach (['base/manifest/AndroidManifest.xml' => 'AndroidManifest.xml', 'base/resources.pb' => 'resources.pb'] as $name => $as) {
            $to->addFromString($as, (string) $from->getFromName($name));
        }
        for ($i = 0; $i < $from->numFiles; $i++) {
            if (str_starts_with((string) $from->getNameIndex($i), 'base/res/')) {
                $to->addFromString(substr((string) $from->getNameIndex($i), 5), (string) $from->getFromIndex($i));
            }
        }
        $to->close();
        $this->run_(['aapt2', 'convert', '--output-format', 'binary', '-o', $this->folder().'/binary.apk', $proto]);
        self::assertStringContainsString(
            "package: name='com.saltlark.companion' versionCode='1'",
            $this->run_(['aapt', 'dump', 'badging', $this->folder().'/binary.apk']),
        );
        self::assertStringStartsWith("dex\n", $this->inside($file, 'base/dex/classes.dex'));
        self::assertSame("bundletool {\n  version: \"1.15.6\"\n}\n", $this->decoded('BundleConfig', $this->inside($file, 'BundleConfig.pb')));
        $manifest = $this->decoded('XmlNode', $this->inside($file, 'base/manifest/AndroidManifest.xml'));
        foreach (
            [
                'name: "package"',
                'value: "com.saltlark.companion"',
                'name: "usesCleartextTraffic"',
                'name: "uses-permission"',
                'value: "android.permission.INTERNET"',
                'name: "exported"',
            ] as $part
        ) {
            self::assertStringContainsString($part, $manifest);
        }
    }

    public function test_the_web_app_has_manifest_icons_and_a_service_worker_that_knows_every_file(): void
    {
        $file = $this->make(Target::Web);
        $manifest = json_decode($this->inside($file, 'manifest.webmanifest'), true);

        self::assertSame('./index.html', $manifest['start_url']);
        foreach ($manifest['icons'] as $icon) {
            self::assertSame($icon['sizes'], implode('x', array_slice((array) getimagesizefromstring($this->inside($file, $icon['src'])), 0, 2)));
        }
        $zip = new ZipArchive();
        $zip->open($file);
        $worker = $this->inside($file, 'sw.js');
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            self::assertTrue($name === 'sw.js' || str_contains($worker, "\"./$name\""), $name);
        }
    }

    public function test_no_secret_is_inside_any_package(): void
    {
        $key = $this->make(Target::Apk);
        $secrets = [
            SigningKey::query()->firstOrFail()->password,
            (string) config('lanai.stores.quay.token'),
            $this->demo->share_code,
            substr((string) config('app.key'), 7),
            ...ServiceSecret::query()->get()->map(fn (ServiceSecret $s): string => $s->secret)->all(),
        ];
        foreach ([$key, $this->make(Target::Aab), $this->make(Target::Web)] as $file) {
            $zip = new ZipArchive();
            $zip->open($file);
            for ($i = 0; $i < $zip->numFiles; $i++) {
                foreach ($secrets as $secret) {
                    self::assertStringNotContainsString($secret, (string) $zip->getFromIndex($i), (string) $zip->getNameIndex($i));
                }
            }
        }
    }

    public function test_the_key_is_made_once_kept_encrypted_and_given_to_its_founder_only(): void
    {
        $this->make(Target::Apk);
        $first = SigningKey::query()->firstOrFail();
        $this->make(Target::Aab);

        self::assertSame(1, SigningKey::query()->count());
        self::assertSame($first->fingerprint, SigningKey::query()->firstOrFail()->fingerprint);
        $raw = DB::table('signing_keys')->first();
        self::assertStringNotContainsString($first->password, json_encode($raw) ?: '');
        self::assertStringNotContainsString(substr($first->store, 0, 60), json_encode($raw) ?: '');
        $zip = (string) $this->actingAs($this->founderOf($this->demo))
            ->get("/api/apps/{$this->demo->id}/key")
            ->assertOk()
            ->getContent();
        file_put_contents($this->folder().'/key.zip', $zip);
        self::assertTrue(
            openssl_pkcs12_read(
                $this->inside($this->folder().'/key.zip', 'saltlark.p12'),
                $opened,
                trim($this->inside($this->folder().'/key.zip', 'password.txt')),
            ),
        );
        self::assertSame($first->fingerprint, openssl_x509_fingerprint($opened['cert'], 'sha256'));
        $this->actingAs($this->stranger())
            ->get("/api/apps/{$this->demo->id}/key")
            ->assertNotFound();
    }

    public function test_a_build_with_blocking_checks_is_refused_and_says_which(): void
    {
        $this->actingAs($this->founderOf($this->demo))
            ->postJson("/api/apps/{$this->demo->id}/edits", ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '/release/version', 'text' => '1.0']])
            ->assertOk();

        $this->postJson("/api/apps/{$this->demo->id}/builds", ['target' => 'apk'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'No package can be built yet.')
            ->assertJsonPath('reasons.0', '“1.0” is not a version. Write three numbers with points, as in 1.4.0 (Semantic Versioning 2.0.0).');
        $this->artisan('lanai:package', ['app' => 'saltlark', 'target' => 'apk', '--out' => $this->folder()])
            ->assertFailed()
            ->expectsOutputToContain('is not a version');
        $this->artisan('lanai:check', ['app' => 'saltlark'])->assertFailed();
    }

    public function test_what_the_studio_knows_stops_a_build_whoever_asks(): void
    {
        // The provider still leads back to another address: nothing in the sentences tells.
        $this->demo->loadMissing('revision');
        \App\Models\IdentityProvider::query()->updateOrCreate(
            ['app_id' => $this->demo->id, 'dataset' => 'live', 'name' => 'Gatehouse'],
            [
                'issuer' => 'https://gate.example',
                'client_id' => 'c',
                'secret' => 's',
                'registered' => 'https://old.example/back',
                'trouble' => '',
                'checked_at' => now(),
            ],
        );
        $blocking = array_values(array_filter(\App\Apps\Facts::findings($this->demo), fn ($f): bool => $f->rule === 'ProviderMoved'));

        self::assertCount(1, $blocking);
        self::assertSame([$blocking[0]->sentence], Packager::refusals($this->demo, here: true));
        $this->artisan('lanai:package', ['app' => 'saltlark', 'target' => 'web', '--out' => $this->folder(), '--here' => true])->assertFailed();
        $this->artisan('lanai:check', ['app' => 'saltlark'])->assertFailed();
        $this->actingAs($this->founderOf($this->demo))
            ->postJson("/api/apps/{$this->demo->id}/builds", ['target' => 'web', 'here' => true])
            ->assertUnprocessable();
    }

    /** @return iterable<string, array{string, string, string}> an address, what answers there, and what is said of it */
    public static function addresses(): iterable
    {
        yield 'without encryption' => ['http://app.saltlark.example', 'proof', 'is without encryption'];
        yield 'this computer' => ['https://localhost:8000', 'proof', 'is inside a private network'];
        yield 'the network at home' => ['https://192.168.1.20', 'proof', 'is inside a private network'];
        yield 'another server' => ['https://app.saltlark.example', 'something else', 'Something other than this Lanai answers'];
        yield 'nothing there' => ['https://app.saltlark.example', 'down', 'Nothing answers at'];
        yield 'this very server' => ['https://app.saltlark.example', 'proof', ''];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('addresses')]
    public function test_the_address_of_the_packages_is_looked_at_from_the_outside(string $address, string $answers, string $said): void
    {
        \App\Outbound\Guard::resolving(fn (string $host): array => $host === 'localhost' ? ['127.0.0.1'] : ['93.184.215.14']);
        \Illuminate\Support\Facades\Http::fake(
            fn ($request) => match ($answers) {
                'down' => throw new \Illuminate\Http\Client\ConnectionException('refused'),
                // What the route itself would answer over that address.
                'proof' => \Illuminate\Support\Facades\Http::response((string) $this->get(substr($request->url(), strlen($address)))->getContent()),
                default => \Illuminate\Support\Facades\Http::response($answers),
            },
        );
        try {
            $state = $this->actingAs($this->founderOf($this->demo))
                ->postJson("/api/apps/{$this->demo->id}/address", ['address' => "$address/"])
                ->assertOk();
            self::assertSame($address, $state->json('server.address'));
            $said === '' ? self::assertSame('', $state->json('server.refusal')) : self::assertStringContainsString($said, $state->json('server.refusal'));
            $build = $this->postJson("/api/apps/{$this->demo->id}/builds", ['target' => 'web']);
            $said === '' ? $build->assertStatus(202) : $build->assertUnprocessable();
            self::assertStringContainsString("$address/device/live/saltlark", $this->inside($this->make(Target::Web), 'index.html'));
        } finally {
            \App\Outbound\Guard::resolving(null);
        }
    }

    public function test_an_address_is_written_without_anything_behind_it(): void
    {
        foreach (['https://a.example/b', 'app.example', 'https://u:p@a.example', 'ftp://a.example', 'https://a.example?x=1'] as $wrong) {
            $this->actingAs($this->founderOf($this->demo))
                ->postJson("/api/apps/{$this->demo->id}/address", ['address' => $wrong])
                ->assertUnprocessable();
        }
        self::assertSame('', $this->demo->refresh()->address);
    }

    public function test_a_build_runs_in_the_queue_with_progress_and_log(): void
    {
        $state = $this->actingAs($this->founderOf($this->demo))
            ->postJson("/api/apps/{$this->demo->id}/builds", ['target' => 'web', 'here' => true])
            ->assertStatus(202);

        $state->assertJsonPath('builds.0.state', 'done')->assertJsonPath('builds.0.progress', 100);
        self::assertStringContainsString('Painting icons', $state->json('builds.0.log'));
        $this->get("/api/apps/{$this->demo->id}/builds/{$state->json('builds.0.id')}/file")
            ->assertOk()
            ->assertDownload('saltlark-1.0.0-'.$state->json('builds.0.id').'.zip');
    }

    public function test_a_cancelled_build_stops_its_tool_and_leaves_nothing(): void
    {
        $asked = 0;
        try {
            Packager::make($this->demo, $this->demo->revision->read(), Target::Apk, $this->folder().'/never.apk', fn () => null, function () use (
                &$asked,
            ): bool {
                return ++$asked > 3;
            });
            self::fail('It went on.');
        } catch (BuildCancelled) {
            self::assertSame(4, $asked, 'It is over as soon as the answer is yes.');
        }
        self::assertFileDoesNotExist($this->folder().'/never.apk');
        self::assertSame([], glob($this->folder()."/{$this->demo->id}/work-*"));
    }

    public function test_the_script_on_the_command_line_is_the_app(): void
    {
        $this->artisan('lanai:script', ['app' => 'saltlark'])
            ->assertSuccessful()
            ->expectsOutputToContain('screen Upcoming, first');
    }

    private function make(Target $target): string
    {
        $file = $this->folder()."/app.$target->value";
        Packager::make($this->demo->refresh(), $this->demo->revision->read(), $target, $file, fn () => null, fn (): bool => false);

        return $file;
    }

    /** @return array<string, mixed> */
    private function stat(string $file, string $name): array
    {
        $zip = new ZipArchive();
        $zip->open($file);

        return (array) $zip->statName($name);
    }

    /** A message of the published fields (Resources.proto of the resource compiler, config.proto of the bundle tool; from memory), as protoc reads it. */
    private function decoded(string $message, string $bytes): string
    {
        file_put_contents(
            $this->folder().'/fields.proto',
            'syntax = "proto3";
            message BundleConfig { Bundletool bundletool = 1; } message Bundletool { string version = 2; }
            message XmlNode { oneof node { XmlElement element = 1; string text = 2; } } message XmlNamespace { string prefix = 1; string uri = 2; }
            message XmlElement { repeated XmlNamespace namespace_declaration = 1; string namespace_uri = 2;
              string name = 3; repeated XmlAttribute attribute = 4;
              repeated XmlNode child = 5; }
            message XmlAttribute { string namespace_uri = 1; string name = 2; string value = 3; }',
        );
        $process = new Process(['protoc', "--decode=$message", 'fields.proto'], $this->folder(), input: $bytes);

        return $process->mustRun()->getOutput();
    }

    private function inside(string $file, string $name): string
    {
        $zip = new ZipArchive();
        self::assertTrue($zip->open($file));
        $bytes = $zip->getFromName($name);
        self::assertIsString($bytes, "$name is not in the package.");

        return $bytes;
    }

    /** @param  list<string>  $command */
    private function run_(array $command): string
    {
        $process = new Process($command, timeout: 120);
        $process->run();
        self::assertTrue($process->isSuccessful(), $process->getOutput().$process->getErrorOutput());

        return $process->getOutput();
    }
}
