<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

use App\Packaging\Ability;
use App\Packaging\DeviceFiles;
use App\Packaging\IconPainter;
use App\Packaging\Job;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Effects\SignInThrough;
use Lanai\Core\Languages\Translated;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Release\PhoneReasons;
use Lanai\Core\Release\PrivacyManifest;

/** An app as a project for iPhones: what is built, every file of it, and what Xcode is told. */
final class Project
{
    /** The oldest system that it runs on. */
    public const LEAST = '15.0';

    /** What every app has; what it uses besides comes with its abilities. */
    private const SHELL = ['LanaiApp', 'LanaiScene', 'LanaiScreen', 'LanaiFiles', 'LanaiAbility', 'LanaiAbilities'];

    private const FRAMEWORKS = ['Foundation', 'CoreGraphics', 'UIKit', 'WebKit', 'SafariServices'];

    private const TEXTS = ['Localizable.strings', 'InfoPlist.strings'];

    /** @var list<Ability> */
    public readonly array $abilities;

    private readonly IconPainter $painter;

    /** @var array<string, Blueprint> */
    private array $spoken = [];

    public function __construct(private readonly Job $job)
    {
        $this->abilities = Ability::of($job->blueprint);
        $this->painter = new IconPainter($job->app, $job->blueprint);
    }

    /** @return list<string> tags of the languages that people get, its own first */
    public function tongues(): array
    {
        $others = array_filter($this->job->blueprint->languages, fn (Language $one): bool => ! $one->hidden);

        return [$this->job->blueprint->theme->tongue(), ...array_values(array_map(fn (Language $one): string => $one->tongue, $others))];
    }

    public function has(Ability $ability): bool
    {
        return in_array($ability, $this->abilities, true);
    }

    /** @return list<Part> the app, and what goes into it */
    public function parts(): array
    {
        $release = $this->job->blueprint->release;
        $classes = [...self::SHELL, ...array_merge(...array_map(fn (Ability $a): array => $a->classesOnIphones(), $this->abilities))];
        $code = ['main.m', ...array_merge(...array_map(fn (string $class): array => ["$class.h", "$class.m"], $classes))];
        $settings = [
            'INFOPLIST_FILE' => 'App/Info.plist',
            'PRODUCT_BUNDLE_IDENTIFIER' => $release->bundle(),
            'PRODUCT_NAME' => '$(TARGET_NAME)',
            'TARGETED_DEVICE_FAMILY' => '1,2',
        ];
        $app = new Part(
            'App',
            Part::APP,
            $code,
            ['Assets.xcassets', 'PrivacyInfo.xcprivacy', 'www', ...$this->has(Ability::Locates) ? ['locates.js'] : []],
            self::TEXTS,
            ['Info.plist', 'App.entitlements', ...$this->has(Ability::Buys) ? ['Products.storekit'] : []],
            [...self::FRAMEWORKS, ...array_merge(...array_map(fn (Ability $a): array => $a->frameworks(), $this->abilities))],
            [
                'ASSETCATALOG_COMPILER_APPICON_NAME' => 'AppIcon',
                'CODE_SIGN_ENTITLEMENTS' => 'App/App.entitlements',
                'LANAI_MESSAGES' => 'production',
                'LD_RUNPATH_SEARCH_PATHS' => '$(inherited) @executable_path/Frameworks',
            ] + $settings,
            ['LANAI_MESSAGES' => 'development'],
        );
        $shared = new Part(
            'Shared',
            Part::EXTENSION,
            ['LanaiShared.h', 'LanaiShared.m'],
            ['PrivacyInfo.xcprivacy'],
            self::TEXTS,
            ['Info.plist', 'Shared.entitlements'],
            ['Foundation', 'UIKit'],
            [
                'APPLICATION_EXTENSION_API_ONLY' => 'YES',
                'CODE_SIGN_ENTITLEMENTS' => 'Shared/Shared.entitlements',
                'INFOPLIST_FILE' => 'Shared/Info.plist',
                'LD_RUNPATH_SEARCH_PATHS' => '$(inherited) @executable_path/Frameworks @executable_path/../../Frameworks',
                'PRODUCT_BUNDLE_IDENTIFIER' => $release->bundle().'.shared',
                'SKIP_INSTALL' => 'YES',
            ] + $settings,
        );

        return $this->has(Ability::TakesShared) ? [$app, $shared] : [$app];
    }

    /** @return array<string, string> every file of the project: path => contents */
    public function files(): array
    {
        $files = $this->written();
        foreach (Catalog::of($this->job->blueprint->theme, $this->painter) as $path => $contents) {
            $files["App/Assets.xcassets/$path"] = $contents;
        }
        foreach ($this->page() as $path => $contents) {
            $files["App/www/$path"] = $contents;
        }

        return $files + $this->around();
    }

    /** @return array<string, string> those that are compiled, and that a package has as they are */
    public function written(): array
    {
        $files = [];
        $purposes = Purposes::of($this->job->blueprint);
        foreach ($this->parts() as $part) {
            foreach ($part->code as $file) {
                $files["$part->name/$file"] = strtr(self::shipped("$part->name/$file"), $this->fill());
            }
            foreach ($this->tongues() as $tongue) {
                $says = PhoneReasons::of($this->in($tongue));
                $named = ['CFBundleDisplayName' => $this->job->blueprint->name];
                $reasons = $part->kind === Part::APP ? array_intersect_key(Purposes::all($says), $purposes) : [];
                $files["$part->name/$tongue.lproj/Localizable.strings"] = PropertyList::strings($this->said($says, $part));
                $files["$part->name/$tongue.lproj/InfoPlist.strings"] = PropertyList::strings($named + $reasons);
            }
            $files["$part->name/$part->name.entitlements"] = PropertyList::of($this->entitlements($part));
        }
        $files['App/Info.plist'] = PropertyList::of($this->described());
        $files['App/PrivacyInfo.xcprivacy'] = PropertyList::of($this->privacy());
        if ($this->has(Ability::TakesShared)) {
            $files['Shared/Info.plist'] = PropertyList::of($this->describedShared());
            // It keeps the text for the app, and knows nothing of anybody.
            $none = ['NSPrivacyTracking' => false, 'NSPrivacyTrackingDomains' => [], 'NSPrivacyCollectedDataTypes' => []];
            $files['Shared/PrivacyInfo.xcprivacy'] = PropertyList::of($none + ['NSPrivacyAccessedAPITypes' => [
                ['NSPrivacyAccessedAPIType' => 'NSPrivacyAccessedAPICategoryUserDefaults', 'NSPrivacyAccessedAPITypeReasons' => ['1C8F.1']],
            ]]);
        }
        if ($this->has(Ability::Locates)) {
            $files['App/locates.js'] = self::shipped('App/locates.js');
        }

        return $files;
    }

    /** @return array<string, string> the device as files of the package */
    public function page(): array
    {
        return DeviceFiles::of($this->job->app, $this->job->blueprint, $this->job->server, till: Sold::Pier->value, store: 'pier');
    }

    /** @return array<string, string> */
    public function icons(): array
    {
        return Icons::loose($this->painter);
    }

    /** @return array<string, mixed> what the system reads of the app, with the names of settings where Xcode fills them in */
    public function described(): array
    {
        $blueprint = $this->job->blueprint;
        $scene = ['UISceneConfigurationName' => 'App', 'UISceneDelegateClassName' => 'LanaiScene'];
        $sides = ['UIInterfaceOrientationPortrait', 'UIInterfaceOrientationLandscapeLeft', 'UIInterfaceOrientationLandscapeRight'];
        $host = (string) parse_url($this->job->server, PHP_URL_HOST);

        return $this->base('APPL') + [
            'LSRequiresIPhoneOS' => true,
            // The address of which links open in the app.
            'LanaiAddress' => "{$this->job->server}/a/{$this->job->app->slug}",
            'UIApplicationSceneManifest' => [
                'UIApplicationSupportsMultipleScenes' => false,
                'UISceneConfigurations' => ['UIWindowSceneSessionRoleApplication' => [$scene]],
            ],
            'UILaunchScreen' => ['UIColorName' => 'Ground', 'UIImageName' => 'Mark'],
            'UIRequiredDeviceCapabilities' => ['arm64'],
            'UISupportedInterfaceOrientations' => $sides,
            'UISupportedInterfaceOrientations~ipad' => [...$sides, 'UIInterfaceOrientationPortraitUpsideDown'],
            // Nothing in it seals anything by itself: it calls its server by what the system has for that.
            'ITSAppUsesNonExemptEncryption' => false,
        ]
            + ($blueprint->theme->dark ? [] : ['UIUserInterfaceStyle' => 'Light'])
            + Purposes::of($blueprint)
            + ($blueprint->walk()->nodesOf(SignInThrough::class) === [] ? [] : [
                'CFBundleURLTypes' => [['CFBundleURLName' => $blueprint->release->bundle(), 'CFBundleURLSchemes' => [$blueprint->release->package]]],
            ])
            + ($this->has(Ability::Notifies)
                ? ['BGTaskSchedulerPermittedIdentifiers' => ['app.lanai.fetch'], 'UIBackgroundModes' => ['fetch']]
                : [])
            + ($this->isInsecure()
                ? ['NSAppTransportSecurity' => ['NSExceptionDomains' => [$host => ['NSExceptionAllowsInsecureHTTPLoads' => true]]]]
                : []);
    }

    /** @return array<string, mixed> of the part that stands in the sheets of other programs */
    public function describedShared(): array
    {
        return $this->base('XPC!') + [
            'NSExtension' => [
                'NSExtensionAttributes' => [
                    'NSExtensionActivationRule' => ['NSExtensionActivationSupportsText' => true, 'NSExtensionActivationSupportsWebURLWithMaxCount' => 1],
                ],
                'NSExtensionPointIdentifier' => 'com.apple.share-services',
                'NSExtensionPrincipalClass' => 'LanaiShared',
            ],
        ];
    }

    /** @return array<string, mixed> */
    public function entitlements(Part $part): array
    {
        $group = ['com.apple.security.application-groups' => ["group.{$this->job->blueprint->release->bundle()}"]];
        $shares = $this->has(Ability::TakesShared) ? $group : [];
        if ($part->kind !== Part::APP) {
            return $shares;
        }
        $links = $this->isInsecure() ? [] : ['com.apple.developer.associated-domains' => ['applinks:'.parse_url($this->job->server, PHP_URL_HOST)]];

        return ($this->has(Ability::Notifies) ? ['aps-environment' => '$(LANAI_MESSAGES)'] : []) + $links + $shares;
    }

    /** @return array<string, mixed> */
    public function privacy(): array
    {
        $reasons = [...$this->has(Ability::Notifies) ? ['CA92.1'] : [], ...$this->has(Ability::TakesShared) ? ['1C8F.1'] : []];

        return PrivacyManifest::of($this->job->blueprint, $reasons, [(string) parse_url((string) config('lanai.adverts.live.url'), PHP_URL_HOST)]);
    }

    public function isInsecure(): bool
    {
        return str_starts_with($this->job->server, 'http://');
    }

    public static function shipped(string $file): string
    {
        return (string) file_get_contents(base_path("packaging/ios/$file"));
    }

    /** @return array<string, mixed> */
    private function base(string $kind): array
    {
        return [
            'CFBundleDevelopmentRegion' => $this->tongues()[0],
            'CFBundleDisplayName' => $this->job->blueprint->name,
            'CFBundleExecutable' => '$(EXECUTABLE_NAME)',
            'CFBundleIdentifier' => '$(PRODUCT_BUNDLE_IDENTIFIER)',
            'CFBundleInfoDictionaryVersion' => '6.0',
            'CFBundleLocalizations' => $this->tongues(),
            'CFBundleName' => '$(PRODUCT_NAME)',
            'CFBundlePackageType' => $kind,
            'CFBundleShortVersionString' => '$(MARKETING_VERSION)',
            'CFBundleVersion' => '$(CURRENT_PROJECT_VERSION)',
        ];
    }

    /** @return array<string, string> the sentences of the shell itself */
    private function said(PhoneReasons $says, Part $part): array
    {
        return $part->kind === Part::APP
            ? ['unlock' => $says->unlock(), 'lock.reason' => $says->lock()]
            : ['shared.kept' => $says->kept(), 'shared.done' => $says->done()];
    }

    /** What a phone says of the app in a language: of all that an app says only this is translated. */
    private function in(string $tongue): Blueprint
    {
        return $this->spoken[$tongue] ??= $this->translated($tongue);
    }

    private function translated(string $tongue): Blueprint
    {
        $own = $this->job->blueprint;
        $little = Blueprint::stored(array_intersect_key($own->data(), ['name' => true, 'theme' => true, 'release' => true, 'languages' => true]));

        return $tongue === $own->theme->tongue() ? $own : Translated::into($little, $tongue)->of($little);
    }

    /** @return array<string, string> what stands in the place of each {{name}} */
    private function fill(): array
    {
        $asked = array_filter(array_map(fn (Ability $a): string => $a->classesOnIphones()[0] ?? '', $this->abilities));

        return [
            '{{imports}}' => implode("\n", array_map(fn (string $class): string => "#import \"$class.h\"", $asked)),
            '{{classes}}' => implode(', ', array_map(fn (string $class): string => "[$class class]", $asked)),
            '{{shared}}' => rawurlencode($this->job->blueprint->sharedScreen()?->slug() ?? ''),
        ];
    }

    /** @return array<string, string> what Xcode and people read */
    private function around(): array
    {
        $release = $this->job->blueprint->release;
        $parts = $this->parts();
        $settings = [
            'ALWAYS_SEARCH_USER_PATHS' => 'NO',
            'CLANG_ENABLE_MODULES' => 'YES',
            'CLANG_ENABLE_OBJC_ARC' => 'YES',
            'CLANG_ENABLE_OBJC_WEAK' => 'YES',
            'CODE_SIGN_STYLE' => 'Automatic',
            'CURRENT_PROJECT_VERSION' => (string) $release->build,
            'DEBUG_INFORMATION_FORMAT' => 'dwarf-with-dsym',
            'ENABLE_USER_SCRIPT_SANDBOXING' => 'YES',
            'IPHONEOS_DEPLOYMENT_TARGET' => self::LEAST,
            'MARKETING_VERSION' => $release->numbers(),
            'SDKROOT' => 'iphoneos',
        ] + ($release->team === '' ? [] : ['DEVELOPMENT_TEAM' => $release->team]);
        $fill = [
            '{{name}}' => $this->job->blueprint->name,
            '{{bundle}}' => $release->bundle(),
            '{{version}}' => $release->numbers(),
            '{{build}}' => (string) $release->build,
            '{{server}}' => $this->job->server,
            '{{team}}' => $release->team,
            '{{target}}' => XcodeProject::numberOf('App'),
            // Tried out from Xcode the app buys from this file.
            '{{products}}' => $this->has(Ability::Buys)
                ? "\n      <StoreKitConfigurationFileReference identifier = \"../../App/Products.storekit\"></StoreKitConfigurationFileReference>"
                : '',
        ];
        $files = [
            'App.xcodeproj/project.pbxproj' => (new XcodeProject($this->tongues()))->written($parts, $settings, ['README.md', 'archive.sh', 'sign.sh']),
        ];
        if ($this->has(Ability::Buys)) {
            $files['App/Products.storekit'] = StoreKitFile::of($this->job->blueprint);
        }
        $scheme = 'App.xcodeproj/xcshareddata/xcschemes/App.xcscheme';
        foreach (['README.md' => 'README.md', 'archive.sh' => 'archive.sh', 'sign.sh' => 'sign.sh', $scheme => 'App.xcscheme'] as $path => $from) {
            $files[$path] = strtr(self::shipped($from), $fill);
        }

        return $files;
    }
}
