<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Earnings\Tills\Offered;
use App\Models\App;
use App\Packaging\Packager;
use App\Packaging\Target;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\DataProvider;
use Standins\Stores\MachO;
use Standins\Stores\OpenStep;
use Standins\Stores\Pier;
use Standins\Stores\Plist;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use ZipArchive;

/**
 * Packages for iPhones: the project is read with the npm packages “xcode” and “plist”, the executable with llvm-nm and llvm-objdump, and what is
 * misspelt in the shell is refused by clang.
 */
final class IphoneTest extends TestCase
{
    /** Uses everything that a phone does for an app. */
    private const ALL = <<<'SCRIPT'
    app Roofs

    table Hives, each a Hive
      may be seen by everyone
      may be added by everyone
      may be changed by everyone
      may be removed by everyone
      Name is a text
      Photo is a picture
      Film is a video
      Lies is a place

    screen Start, first
      Form for a new Hive asking Name, Photo, Film, Lies, saying "Keep it"
      Button "Share"
        tapped:
          share "Look at this"
      Button "Mine"
        tapped:
          download my data
      Advert "Foot" as a strip

    screen Words, taking Said is a text, takes what is shared
      Text "{said}"

    messages
      channel Honey

    message Ready, on Honey, every monday
      says "Ready", then "There is honey."

    adverts through Bunting

    product Club is a subscription
      plan Yearly, every year at 29.99 EUR, after 14 days free
      plan Monthly, every month at 3.99 EUR, at first 0.99 for 3 times

    product Chart is bought once, at 4.99 EUR

    product Honey is used up, at 1.99 EUR

    product Jar is bought once, at 8.00 EUR, used outside the app

    language German
      for "say “which hive’s” near" say "zu sagen, \"welcher\" Stock nah ist"

    release, locked by fingerprint
      package is "com.example.my_roofs"
      version is "2.3.4-beta.1"
      build number is 17
      team for iPhones is "ABCDE12345"
      location is used to "say “which hive’s” near"
    SCRIPT;

    private const BARE = <<<'SCRIPT'
    app Roofs

    table Hives, each a Hive
      may be seen by everyone
      may be added by everyone
      may be changed by everyone
      may be removed by everyone
      Name is a text
      Lies is a place

    screen Start, first
      Form for a new Hive asking Name, saying "Keep it"
      Map of first(hives).lies

    release
      package is "com.example.roofs"
    SCRIPT;

    private const PLISTS = ['App/Info.plist', 'App/PrivacyInfo.xcprivacy', 'App/App.entitlements', 'Shared/Info.plist', 'Shared/Shared.entitlements'];

    /** @var array<string, string> */
    private static array $built = [];

    public function test_the_project_is_read_by_other_programs_and_holds_every_file_that_it_names(): void
    {
        $files = $this->unpacked($this->package(Target::Ios, self::ALL, 'https://roofs.example'));
        $read = $this->readByOthers($files);

        self::assertSame(['App', 'Shared'], array_column($read['targets'], 'name'));
        self::assertSame(
            ['com.apple.product-type.application', 'com.apple.product-type.app-extension'],
            array_column($read['targets'], 'kind'),
        );
        foreach ($read['targets'] as $target) {
            foreach ($target['phases'] as $phase) {
                foreach ($phase['called'] === 'Sources' || $phase['called'] === 'Resources' ? $phase['files'] : [] as $name) {
                    $there = array_filter(array_keys($files), fn (string $path): bool => str_starts_with("$path/", "$target[name]/$name/")
                        || preg_match("~^$target[name]/\\w+\\.lproj/".preg_quote($name, '~').'$~', $path) === 1);
                    self::assertNotSame([], $there, "$target[name]: $name");
                }
            }
        }
        self::assertSame(['en', 'de', 'Base'], $read['regions']);
        $told = array_merge(...$read['settings']);
        self::assertSame(['2.3.4', '17', 'ABCDE12345', '15.0'], [
            $told['MARKETING_VERSION'], $told['CURRENT_PROJECT_VERSION'], $told['DEVELOPMENT_TEAM'], $told['IPHONEOS_DEPLOYMENT_TARGET'],
        ]);
        self::assertContains('com.example.my-roofs', array_column($read['settings'], 'PRODUCT_BUNDLE_IDENTIFIER'));
        self::assertContains('com.example.my-roofs.shared', array_column($read['settings'], 'PRODUCT_BUNDLE_IDENTIFIER'));

        $ours = OpenStep::read($files['App.xcodeproj/project.pbxproj']);
        self::assertCount($read['objects'], $ours['objects'] ?? [], 'The practice store reads as many objects.');
        foreach (self::PLISTS as $name) {
            self::assertEquals($read['plists'][$name], Plist::read($files[$name]), "The practice store reads $name in the same way.");
        }
    }

    /** The members of a StoreKit configuration are from memory; what is sold is what the tills are told. */
    public function test_what_is_sold_can_be_tried_from_the_project(): void
    {
        $files = $this->unpacked($this->package(Target::Ios, self::ALL, 'https://roofs.example'));
        $sold = json_decode($files['App/Products.storekit'], true);
        self::assertSame([['chart', 'NonConsumable', '4.99'], ['honey', 'Consumable', '1.99']], array_map(
            fn (array $one): array => [$one['productID'], $one['type'], $one['displayPrice']],
            $sold['products'],
        ), 'What is used outside the app no store sells.');
        $plans = $sold['subscriptionGroups'][0]['subscriptions'];
        // One rises from the second to the first: it costs more for the same time.
        self::assertSame([['club.monthly', 'P1M', 1], ['club.yearly', 'P1Y', 2]], array_map(
            fn (array $one): array => [$one['productID'], $one['recurringSubscriptionPeriod'], $one['groupNumber']],
            $plans,
        ));
        self::assertSame([['payAsYouGo', 3, '0.99', 'P1M'], ['free', 1, null, 'P2W']], array_map(fn (array $one): array => [
            $one['introductoryOffer']['paymentMode'], $one['introductoryOffer']['numberOfPeriods'], $one['introductoryOffer']['displayPrice'] ?? null,
            $one['introductoryOffer']['subscriptionPeriod'],
        ], $plans));
        $ids = [];
        foreach (Blueprint::fromScript(self::ALL)->products as $product) {
            foreach ($product->outside ? [] : ($product->plans ?: [null]) as $plan) {
                $ids[] = (new Offered($product, $plan))->id();
            }
        }
        self::assertEqualsCanonicalizing($ids, [...array_column($sold['products'], 'productID'), ...array_column($plans, 'productID')]);
        $numbers = array_column([...$sold['products'], ...$plans], 'internalID');
        self::assertCount(count($numbers), array_unique($numbers));
        $scheme = simplexml_load_string($files['App.xcodeproj/xcshareddata/xcschemes/App.xcscheme']);
        self::assertSame('../../App/Products.storekit', (string) $scheme->LaunchAction->StoreKitConfigurationFileReference['identifier']);
        self::assertStringNotContainsString('storekit', strtolower(implode(array_keys($this->unpacked($this->package(
            Target::Ios,
            self::BARE,
            'https://roofs.example',
        ))))));
    }

    public function test_what_the_system_is_told_follows_from_the_sentences(): void
    {
        $files = $this->unpacked($this->package(Target::Ios, self::ALL, 'https://roofs.example'));
        $read = $this->readByOthers($files);
        $info = $read['plists']['App/Info.plist'];

        self::assertSame(
            [
                'NSCameraUsageDescription' => 'Roofs uses the camera when you add a picture.',
                'NSMicrophoneUsageDescription' => 'Roofs uses the microphone when you add a film.',
                'NSLocationWhenInUseUsageDescription' => 'Roofs uses where this phone is to say “which hive’s” near.',
                'NSFaceIDUsageDescription' => 'Roofs opens once this phone knows that it is you.',
                'NSUserTrackingUsageDescription' => 'With your leave Roofs shows you adverts that suit you.',
            ],
            array_filter($info, fn (string $key): bool => str_ends_with($key, 'UsageDescription'), ARRAY_FILTER_USE_KEY),
        );
        self::assertSame(
            'Roofs braucht den Ort dieses Telefons dafür: zu sagen, "welcher" Stock nah ist.',
            $read['strings']['App/de.lproj/InfoPlist.strings']['NSLocationWhenInUseUsageDescription'],
        );
        self::assertSame('Es ist aufgehoben. Öffne Roofs, um damit weiterzumachen.', $read['strings']['Shared/de.lproj/Localizable.strings']['shared.kept']);
        self::assertSame([['fetch'], ['app.lanai.fetch'], false, ['en', 'de']], [
            $info['UIBackgroundModes'], $info['BGTaskSchedulerPermittedIdentifiers'], $info['ITSAppUsesNonExemptEncryption'], $info['CFBundleLocalizations'],
        ]);
        self::assertArrayNotHasKey('NSAppTransportSecurity', $info);
        self::assertSame(
            [
                'aps-environment' => '$(LANAI_MESSAGES)',
                'com.apple.developer.associated-domains' => ['applinks:roofs.example'],
                'com.apple.security.application-groups' => ['group.com.example.my-roofs'],
            ],
            $read['plists']['App/App.entitlements'],
        );
        $privacy = $read['plists']['App/PrivacyInfo.xcprivacy'];
        self::assertTrue($privacy['NSPrivacyTracking']);
        self::assertContains('NSPrivacyCollectedDataTypePreciseLocation', array_column($privacy['NSPrivacyCollectedDataTypes'], 'NSPrivacyCollectedDataType'));
        self::assertSame(['CA92.1', '1C8F.1'], $privacy['NSPrivacyAccessedAPITypes'][0]['NSPrivacyAccessedAPITypeReasons']);
        // Links of the app are taken from the same team and bundle (the server says so to phones).
        self::assertSame('ABCDE12345.com.example.my-roofs', Blueprint::fromScript(self::ALL)->release->appId());
    }

    public function test_an_app_that_uses_little_asks_for_little(): void
    {
        $files = $this->unpacked($this->package(Target::Ios, self::BARE, 'http://127.0.0.1:8000'));
        $info = (array) Plist::read($files['App/Info.plist']);

        self::assertSame([], preg_grep('/UsageDescription$|^UIBackgroundModes$/', array_keys($info)));
        self::assertSame(['127.0.0.1' => ['NSExceptionAllowsInsecureHTTPLoads' => true]], $info['NSAppTransportSecurity']['NSExceptionDomains'] ?? null);
        foreach (['Locates', 'Locks', 'Notifies', 'Fetches', 'Shows', 'Shares', 'Saves', 'TakesShared', 'Tracks'] as $class) {
            self::assertArrayNotHasKey("App/Lanai$class.m", $files);
            self::assertStringNotContainsString("Lanai$class", $files['App.xcodeproj/project.pbxproj'].$files['App/LanaiAbilities.m']);
        }
        self::assertArrayNotHasKey('Shared/LanaiShared.m', $files);
        self::assertSame([], Plist::read($files['App/App.entitlements']));
    }

    public function test_the_executable_is_one_for_phones_and_takes_only_what_is_used(): void
    {
        $file = $this->package(Target::Ipa, self::ALL, 'https://roofs.example');
        $files = $this->unpacked($file, 'Payload/App.app/');
        file_put_contents($this->folder().'/App', $files['App']);
        $takes = $this->run_(['llvm-nm-14', '-u', $this->folder().'/App']);
        $head = $this->run_(['llvm-objdump-14', '--macho', '--private-headers', $this->folder().'/App']);

        self::assertMatchesRegularExpression('/ARM64\s+ALL\s+0x00\s+EXECUTE/', $head);
        self::assertMatchesRegularExpression('/platform ios\s+sdk 15\.0\s+minos 15\.0/i', str_replace("\n", ' ', $head));
        self::assertStringNotContainsString('LC_CODE_SIGNATURE', $head);
        $ours = MachO::read($files['App']);
        self::assertEqualsCanonicalizing(preg_split('/\s+/', trim((string) preg_replace('/^\s*U\s+/m', '', $takes))), $ours->takes ?? []);
        foreach (['CLLocationManager', 'LAContext', 'BGTaskScheduler', 'UNUserNotificationCenter', 'ATTrackingManager', 'UIActivityViewController',
            'SKPaymentQueue'] as $class) {
            self::assertTrue($ours?->uses($class), $class);
        }
        // Selectors of each ability are in it, as the system calls them or is called by them.
        foreach (
            [
                'requestWhenInUseAuthorization', 'evaluatePolicy:localizedReason:reply:', 'requestAuthorizationWithOptions:completionHandler:',
                'submitTaskRequest:error:', 'initForExportingURLs:asCopy:', 'initWithActivityItems:applicationActivities:', 'selectionChanged',
                'requestTrackingAuthorizationWithCompletionHandler:', 'initWithSuiteName:', 'webView:startURLSchemeTask:',
                'webView:runJavaScriptTextInputPanelWithPrompt:defaultText:initiatedByFrame:completionHandler:',
                'application:didRegisterForRemoteNotificationsWithDeviceToken:', 'paymentQueue:updatedTransactions:', 'finishTransaction:',
                'initWithProductIdentifiers:', 'productsRequest:didReceiveResponse:', 'setApplicationUsername:',
            ] as $selector
        ) {
            self::assertStringContainsString("$selector\0", $files['App'], $selector);
        }
        self::assertStringContainsString('com.example.my-roofs', $files['Info.plist']);
        self::assertStringNotContainsString('$(', $files['Info.plist']);
        self::assertArrayHasKey('PlugIns/Shared.appex/Shared', $files);
        self::assertTrue(MachO::read($files['PlugIns/Shared.appex/Shared'])?->phone);

        $bare = MachO::read($this->unpacked($this->package(Target::Ipa, self::BARE, 'https://roofs.example'), 'Payload/App.app/')['App']);
        self::assertFalse($bare?->uses('CLLocationManager', 'LAContext', 'BGTaskScheduler', 'UNUserNotificationCenter', 'ATTrackingManager', 'NSUserDefaults'));
        self::assertFalse($bare?->uses('SKPaymentQueue'));
    }

    public function test_what_is_misspelt_in_the_shell_is_refused(): void
    {
        $sdk = base_path('packaging/ios/sdk');
        $code = (string) file_get_contents(base_path('packaging/ios/App/LanaiFeels.m'));
        $work = $this->folder();
        foreach (['LanaiFeels.h', 'LanaiAbility.h'] as $header) {
            copy(base_path("packaging/ios/App/$header"), "$work/$header");
        }
        $compiled = function (string $code) use ($sdk, $work): Process {
            file_put_contents("$work/LanaiFeels.m", $code);
            $clang = new Process([
                'clang-14', '-target', 'arm64-apple-ios15.0', '-nostdinc', '-fobjc-arc', '-fblocks', '-Werror', '-c', "-I$sdk/headers", 'LanaiFeels.m',
            ], $work);
            $clang->run();

            return $clang;
        };

        self::assertTrue($compiled($code)->isSuccessful());
        $wrong = $compiled(str_replace('selectionChanged', 'selectionChangd', $code));
        self::assertFalse($wrong->isSuccessful());
        self::assertStringContainsString('selectionChangd', $wrong->getErrorOutput());
        self::assertFalse($compiled(str_replace('UISelectionFeedbackGenerator', 'UISelectionFeedbackMaker', $code))->isSuccessful());
    }

    public function test_odd_names_come_through(): void
    {
        foreach (['Bees "&" <friends>', 'نحل', 'So much; {for} = (that) \\n'] as $name) {
            $script = str_replace('app Roofs', 'app '.json_encode($name, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), self::BARE);
            $blueprint = Blueprint::fromScript($script);
            $files = $this->unpacked($this->package(Target::Ios, $script, 'https://roofs.example'));
            $read = $this->readByOthers($files);
            self::assertSame($blueprint->name, $read['plists']['App/Info.plist']['CFBundleDisplayName']);
            self::assertSame($blueprint->name, $read['strings']['App/en.lproj/InfoPlist.strings']['CFBundleDisplayName']);
        }
    }

    public function test_both_are_taken_by_the_store_for_iphones(): void
    {
        foreach ([Target::Ios, Target::Ipa] as $target) {
            $seen = (new Pier())->inspect($this->package($target, self::ALL, 'https://roofs.example'));
            self::assertSame(
                ['com.example.my-roofs', 17, '2.3.4', [], false],
                [$seen->package, $seen->code, $seen->version, $seen->reasons, $seen->cleartext],
                $target->value,
            );
            self::assertContains('NSLocationWhenInUseUsageDescription', $seen->permissions);
            self::assertContains('NSPrivacyCollectedDataTypeDeviceID', $seen->collects ?? []);
        }
        self::assertTrue((new Pier())->inspect($this->package(Target::Ipa, self::BARE, 'http://127.0.0.1:8000'))->cleartext);
    }

    /** @return iterable<string, array{string, string, string, list<string>}> a file, what stands there, what comes in its place, and the reasons */
    public static function tampered(): iterable
    {
        $app = 'Payload/App.app';
        yield 'no reason for where it is' => ["$app/Info.plist", 'NSLocationWhenInUseUsageDescription', 'NSLocationUsage', ['purpose']];
        yield 'an empty reason' => ["$app/Info.plist", 'NSFaceIDUsageDescription</key>', 'NSFaceIDUsageDescription</key><string/><key>X</key>', ['purpose']];
        yield 'no answer about what is sealed' => ["$app/Info.plist", 'ITSAppUsesNonExemptEncryption', 'Seals', ['encryption']];
        yield 'another oldest system' => ["$app/Info.plist", '<string>15.0</string>', '<string>13.0</string>', ['system']];
        yield 'a version with a word' => ["$app/Info.plist", '<string>2.3.4</string>', '<string>2.3 beta</string>', ['version', 'part']];
        yield 'another build than its part' => ["$app/Info.plist", '<string>17</string>', '<string>18</string>', ['part']];
        yield 'an id with a blank' => ["$app/Info.plist", '<string>com.example.my-roofs</string>', '<string>my roofs</string>', ['bundle', 'part']];
        yield 'nothing while it begins' => ["$app/Info.plist", 'UILaunchScreen', 'Launch', ['launch']];
        yield 'not all sides of a tablet' => ["$app/Info.plist", 'PortraitUpsideDown', 'Portrait', ['tablet']];
        yield 'no property list' => ["$app/Info.plist", '<plist', '<list', ['package']];
        yield 'no executable' => ["$app/App", "\xCF\xFA\xED\xFE", "\x7FELF", ['executable', 'purpose', 'purpose', 'purpose', 'background', 'privacy']];
        yield 'for another kind of computer' => ["$app/App", "\xCF\xFA\xED\xFE\x0C\x00\x00\x01", "\xCF\xFA\xED\xFE\x07\x00\x00\x01", ['executable']];
        yield 'an icon that can be seen through' => ["$app/AppIcon60x60@2x.png", '*', 'clear', ['icon']];
        yield 'no privacy manifest' => ["$app/PrivacyInfo.xcprivacy", '<plist', '<list', ['privacy']];
        yield 'a privacy manifest without why settings are kept' => ["$app/PrivacyInfo.xcprivacy", 'CategoryUserDefaults', 'CategoryDiskSpace', ['privacy']];
        yield 'a name that leads out' => ['../outside.txt', '', 'x', ['zip']];
    }

    /** @param  list<string>  $codes */
    #[DataProvider('tampered')]
    public function test_a_changed_package_is_noticed(string $name, string $was, string $now, array $codes): void
    {
        $file = $this->folder().'/changed.ipa';
        copy($this->package(Target::Ipa, self::ALL, 'https://roofs.example'), $file);
        $zip = new ZipArchive();
        $zip->open($file);
        $contents = (string) $zip->getFromName($name);
        if ($now === 'clear') {
            $picture = imagecreatetruecolor(120, 120);
            imagesavealpha($picture, true);
            ob_start();
            imagepng($picture);
            $changed = (string) ob_get_clean();
        } else {
            $changed = $was === '' ? $now : str_replace($was, $now, $contents);
        }
        self::assertNotSame($contents, $changed);
        $zip->addFromString($name, $changed);
        $zip->close();

        self::assertEqualsCanonicalizing($codes, array_column((new Pier())->inspect($file)->reasons, 'code'));
    }

    public function test_a_project_without_one_of_its_files_is_noticed(): void
    {
        $file = $this->folder().'/changed.zip';
        copy($this->package(Target::Ios, self::ALL, 'https://roofs.example'), $file);
        $zip = new ZipArchive();
        $zip->open($file);
        $zip->deleteName('roofs-iphone/App/LanaiFeels.m');
        $zip->deleteName('roofs-iphone/App/Assets.xcassets/AppIcon.appiconset/icon-1024.png');
        $zip->close();

        $reasons = (new Pier())->inspect($file)->reasons;
        self::assertContains('The project names “LanaiFeels.m”, and it is not there.', array_column($reasons, 'sentence'));
        self::assertContains('An icon of 1024 pixels is missing.', array_column($reasons, 'sentence'));
    }

    public function test_the_command_writes_the_project_and_the_package(): void
    {
        $this->demo();
        $this->artisan('lanai:package', ['app' => 'saltlark', 'target' => 'ios', '--out' => $this->folder(), '--here' => true])->assertSuccessful();

        self::assertFileExists($this->folder().'/saltlark-1.0.0.xcode.zip');
        self::assertFileExists($this->folder().'/saltlark-1.0.0.ipa');
        self::assertSame([], (new Pier())->inspect($this->folder().'/saltlark-1.0.0.ipa')->reasons);
    }

    /** @return string the file; each is built once */
    private function package(Target $target, string $script, string $server): string
    {
        $key = sys_get_temp_dir().'/lanai-iphone-'.getmypid().'-'.md5($target->value.$script.$server);
        if (! isset(self::$built[$key])) {
            config(['app.url' => $server]);
            $app = App::query()->first() ?? $this->demo();
            $app->slug = 'roofs';
            Packager::make($app, Blueprint::fromScript($script), $target, $key, fn () => null, fn (): bool => false);
            self::$built[$key] = $key;
        }

        return $key;
    }

    public static function tearDownAfterClass(): void
    {
        array_map(unlink(...), array_filter(self::$built, is_file(...)));
        self::$built = [];
        parent::tearDownAfterClass();
    }

    /** @param  list<string>  $command */
    private function run_(array $command): string
    {
        $process = new Process($command, null, null, null, 60);

        return $process->mustRun()->getOutput();
    }

    /** @return array<string, string> */
    private function unpacked(string $file, string $in = 'roofs-iphone/'): array
    {
        $zip = new ZipArchive();
        $zip->open($file);
        $files = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $files[substr((string) $zip->getNameIndex($i), strlen($in))] = (string) $zip->getFromIndex($i);
        }

        return $files;
    }

    /**
     * @param  array<string, string>  $files
     * @return array<string, mixed>
     */
    private function readByOthers(array $files): array
    {
        file_put_contents($this->folder().'/project.pbxproj', $files['App.xcodeproj/project.pbxproj']);
        $asked = [
            'pbxproj' => $this->folder().'/project.pbxproj',
            'plists' => array_intersect_key($files, array_flip(self::PLISTS)),
            'strings' => array_filter($files, fn (string $name): bool => str_ends_with($name, '.strings'), ARRAY_FILTER_USE_KEY),
        ];
        $node = new Process(['node', 'tests/reference/xcode.mjs'], base_path(), null, (string) json_encode($asked), 60);
        $node->mustRun();

        return (array) json_decode($node->getOutput(), true, 512, JSON_THROW_ON_ERROR);
    }
}
