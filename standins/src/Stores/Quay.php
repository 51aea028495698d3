<?php

declare(strict_types=1);

namespace Standins\Stores;

use Standins\Inspection;
use Standins\Inspector;
use Standins\Install;
use Standins\Tool;
use ZipArchive;

/**
 * A store for Android packages. It reads them with aapt, aapt2, apksigner and keytool, and turns down what phones or stores of
 * that kind refuse (the platform's published changes for apps that target API levels 28, 30 and 31; from memory).
 */
final readonly class Quay implements Inspector
{
    private const LEAST_TARGET = 34;

    /** Dots per inch of the launcher icons, as aapt names them. */
    private const DENSITIES = [160, 240, 320, 480, 640];

    public function __construct(private string $folder)
    {
    }

    public function takes(): string
    {
        return 'Android packages (APK or AAB)';
    }

    public function accepts(string $file): bool
    {
        return $this->holds($file, 'AndroidManifest.xml') || $this->holds($file, 'base/manifest/AndroidManifest.xml');
    }

    public function inspect(string $file): Inspection
    {
        $entries = ZipEntries::of($file);
        $isBundle = $this->holds($file, 'base/manifest/AndroidManifest.xml');
        $readable = $isBundle ? $this->converted($file) : $file;
        [$code, $badging] = Tool::run(['aapt', 'dump', 'badging', $readable]);
        $manifest = Manifest::of($readable);
        if ($readable !== $file) {
            unlink($readable);
        }
        if ($code !== 0 || ! preg_match("/^package: name='([^']+)' versionCode='(\d*)' versionName='([^']*)'/m", $badging, $package)) {
            return new Inspection(
                reasons: [
                    ['code' => 'package', 'sentence' => 'The package cannot be read.'],
                    ...$isBundle ? self::shapeOfBundle($entries, $file) : [],
                    ...self::unsafe($entries),
                ],
            );
        }
        $reasons = [...$isBundle ? self::shapeOfBundle($entries, $file) : self::shapeOfPackage($entries), ...self::unsafe($entries)];
        $target = preg_match("/^targetSdkVersion:'(\d+)'/m", $badging, $found) ? (int) $found[1] : 0;
        if ($target < self::LEAST_TARGET) {
            $reasons[] = ['code' => 'target', 'sentence' => "The package targets API level $target; at least ".self::LEAST_TARGET.' is needed.'];
        }
        $least = preg_match("/^sdkVersion:'(\d+)'/m", $badging, $found) ? (int) $found[1] : 1;
        if ($least > $target) {
            $reasons[] = [
                'code' => 'target',
                'sentence' => "The package needs at least API level $least, which is more than the level $target that it targets.",
            ];
        }
        if (str_contains($badging, 'application-debuggable')) {
            $reasons[] = ['code' => 'debuggable', 'sentence' => 'The package can be debugged (android:debuggable); a store takes only packages that cannot.'];
        }
        foreach ($target >= 31 ? $manifest->unexported : [] as $component) {
            $reasons[] = [
                'code' => 'exported',
                'sentence' => "The component $component has an intent filter but does not say android:exported; phones with Android 12 do not install it.",
            ];
        }
        if (! preg_match("/^application:.* icon='[^']+'/m", $badging)) {
            $reasons[] = ['code' => 'icon', 'sentence' => 'The package has no icon.'];
        } else {
            $missing = array_filter(self::DENSITIES, fn (int $dpi): bool => ! preg_match("/^application-icon-$dpi:'[^']+'/m", $badging));
            if ($missing !== []) {
                $reasons[] = ['code' => 'icon', 'sentence' => 'The package has no icon for screens of '.implode(', ', $missing).' dots per inch.'];
            }
        }
        $signer = $isBundle ? $this->bundleSigner($file) : $this->packageSigner($file);
        if ($signer === '') {
            $reasons[] = ['code' => 'signature', 'sentence' => 'The package is not signed, or its signature does not hold.'];
        } elseif (! $isBundle && $target >= 30 && ! $this->signedAsAWhole($file)) {
            $reasons[] = [
                'code' => 'signature',
                'sentence' => 'The package is signed only in the old way (v1); for API level 30 and above it must be signed as a whole (v2 or v3).',
            ];
        }
        preg_match_all("/^uses-permission: name='([^']+)'/m", $badging, $permissions);

        return new Inspection($package[1], (int) $package[2], $package[3], $signer, $permissions[1], $reasons, $manifest->cleartext);
    }

    public function install(string $package, string $file): Install
    {
        return new Install("$package/package", 'application/vnd.android.package-archive', "$package.apk");
    }

    /**
     * Phones with Android 11 and later do not install a package that targets API level 30 or above unless its resource table is
     * stored as it is and begins at a multiple of four bytes.
     *
     * @return list<array{code: string, sentence: string}>
     */
    private static function shapeOfPackage(ZipEntries $entries): array
    {
        $table = $entries->named('resources.arsc');

        return match (true) {
            $table === null => [],
            $table['method'] !== 0 => [
                ['code' => 'resources', 'sentence' => 'resources.arsc is compressed; phones with Android 11 and later do not install such a package.'],
            ],
            $table['at'] % 4 !== 0 => [
                [
                    'code' => 'resources',
                    'sentence' => 'resources.arsc does not begin at a multiple of four bytes; phones with Android 11 and later do not install such a package.',
                ],
            ],
            default => [],
        };
    }

    /** @return list<array{code: string, sentence: string}> */
    private static function unsafe(ZipEntries $entries): array
    {
        return array_map(
            fn (string $name): array => ['code' => 'zip', 'sentence' => 'The name “'.mb_scrub($name).'” stands twice in the file, or leads out of it.'],
            $entries->unsafe(),
        );
    }

    /** @return list<array{code: string, sentence: string}> */
    private static function shapeOfBundle(ZipEntries $entries, string $file): array
    {
        $reasons = [];
        $names = array_column($entries->all, 'name');
        $zip = new ZipArchive();
        $zip->open($file, ZipArchive::RDONLY);
        // BundleConfig { Bundletool bundletool = 1 { string version = 2 } } in protocol buffers' wire format.
        if (preg_match('/^\x0A.\x12.\d+\.\d+\.\d+/s', (string) $zip->getFromName('BundleConfig.pb')) !== 1) {
            $reasons[] = [
                'code' => 'bundle',
                'sentence' => 'BundleConfig.pb is missing or does not say with which version of the tools the bundle was made.',
            ];
        }
        foreach (['base/manifest/AndroidManifest.xml', 'base/resources.pb', 'base/dex/classes.dex'] as $needed) {
            if (! in_array($needed, $names, true)) {
                $reasons[] = ['code' => 'bundle', 'sentence' => 'The module “base” has no '.substr($needed, 5).'.'];
            }
        }
        foreach ($names as $name) {
            if (
                ! preg_match(
                    '~^(BundleConfig\.pb|BUNDLE-METADATA/.+|META-INF/.+|[A-Za-z]\w*/(manifest/AndroidManifest\.xml|dex/classes\d*\.dex|res/.+|'
                        .'assets/.+|lib/.+|root/.+|resources\.pb|assets\.pb|native\.pb))$~',
                    $name,
                )
            ) {
                $reasons[] = ['code' => 'bundle', 'sentence' => "“{$name}” has no place in a bundle."];
            }
        }

        return $reasons;
    }

    private function signedAsAWhole(string $file): bool
    {
        [$code, $output] = Tool::run(['apksigner', 'verify', '-v', '--min-sdk-version', '24', $file]);

        return $code === 0 && preg_match('/^Verified using v[234](?:\.\d)? scheme.*: true$/m', $output) === 1;
    }

    private function packageSigner(string $file): string
    {
        [$code, $output] = Tool::run(['apksigner', 'verify', '--min-sdk-version', '24', '--print-certs', $file]);

        return $code === 0 && preg_match('/SHA-256 digest: ([0-9a-f]{64})/', $output, $found) ? $found[1] : '';
    }

    private function bundleSigner(string $file): string
    {
        [$code, $output] = Tool::run(['jarsigner', '-verify', $file]);
        if ($code !== 0 || ! str_contains($output, 'jar verified')) {
            return '';
        }
        [, $printed] = Tool::run(['keytool', '-printcert', '-jarfile', $file]);

        return preg_match('/SHA256: ([0-9A-F:]{95})/', $printed, $found) ? strtolower(str_replace(':', '', $found[1])) : '';
    }

    /** A bundle's manifest and resources in the binary form that aapt reads. */
    private function converted(string $bundle): string
    {
        $stem = "$this->folder/".bin2hex(random_bytes(8));
        $from = new ZipArchive();
        $to = new ZipArchive();
        $from->open($bundle, ZipArchive::RDONLY);
        $to->open("$stem.proto.apk", ZipArchive::CREATE);
        for ($i = 0; $i < $from->numFiles; $i++) {
            $name = (string) $from->getNameIndex($i);
            if ($name === 'base/manifest/AndroidManifest.xml') {
                $to->addFromString('AndroidManifest.xml', (string) $from->getFromIndex($i));
            } elseif ($name === 'base/resources.pb' || str_starts_with($name, 'base/res/')) {
                $to->addFromString(substr($name, 5), (string) $from->getFromIndex($i));
            }
        }
        $to->close();
        Tool::run(['aapt2', 'convert', '--output-format', 'binary', '-o', "$stem.apk", "$stem.proto.apk"]);
        unlink("$stem.proto.apk");
        if (! is_file("$stem.apk")) {
            touch("$stem.apk");
        }

        return "$stem.apk";
    }

    private function holds(string $file, string $name): bool
    {
        $zip = new ZipArchive();

        return $zip->open($file, ZipArchive::RDONLY) === true && $zip->locateName($name) !== false;
    }
}
